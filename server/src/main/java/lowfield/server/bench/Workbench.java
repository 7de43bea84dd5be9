package lowfield.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.rules.Checks;
import lowfield.core.find.Impact;
import lowfield.core.find.PricedShelves;
import lowfield.core.find.Prospects;
import lowfield.core.find.Shelf;
import lowfield.core.find.Sketches;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Following;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.core.total.Together;
import lowfield.server.archive.Archive;
import lowfield.server.archive.Published;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.OverrideForm;
import lowfield.server.guide.TierInfo;
import lowfield.server.platform.Passing;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.Offers;
import org.springframework.stereotype.Service;

/** Works out editions: reads the stored choices and lets core say what follows from them now. */
@Service
public class Workbench {
    private final Guides guides;
    private final Editions editions;
    private final LineRows lines;
    private final Parts parts;
    private final Offers offers;
    private final Bundles bundles;
    private final Archive archive;
    private final Clock clock;
    /** What a kind's parts would do on a line: worked out as far as somebody asked, while everything it comes from stands. */
    private final Cache<Asked, Sketches> sketches = Passing.cache().softValues().build();

    private final Cache<PriceList, PricedShelves> shelves =
            Passing.cache().weakKeys().build();

    /** Builds worked out, while nothing that they come from has changed. */
    private final Cache<WorkedFrom, Sheets.OfBuild> worked = Passing.cache().build();

    /** Everything that sketches are worked out from; the shelf and the list of prices are their own identity. */
    private record Asked(
            UUID line,
            Build build,
            List<LinePrice> prices,
            boolean countsShipping,
            Band band,
            Shelf shelf,
            PriceList list,
            Lists lists) {}

    Workbench(
            Guides guides,
            Editions editions,
            LineRows lines,
            Parts parts,
            Offers offers,
            Bundles bundles,
            Archive archive,
            Clock clock) {
        this.guides = guides;
        this.editions = editions;
        this.lines = lines;
        this.parts = parts;
        this.offers = offers;
        this.bundles = bundles;
        this.archive = archive;
        this.clock = clock;
    }

    /** What every line of one edition is worked out from. */
    private record Ground(
            GuideInfo guide,
            Editions.Plan plan,
            Optional<Published> last,
            Catalogue catalogue,
            PriceList prices,
            PriceList bookable) {
        List<Object> values() {
            return List.of(guide, plan, last.map(Object.class::cast).orElse(""), catalogue, prices, bookable);
        }

        Money zero() {
            return Money.zero(guide.money());
        }

        Optional<Published.Build> before(UUID build) {
            return last.flatMap(p -> p.tiers().stream()
                    .flatMap(t -> t.builds().stream())
                    .filter(b -> b.id().equals(build))
                    .findFirst());
        }
    }

    /** Every build of the edition, worked out at this moment. */
    public Sheets sheets(UUID editionId) {
        var standing = lines.standing(editionId);
        var plan = editions.plan(editionId, standing.stamp());
        var edition = plan.edition();
        var guide = guides.byId(edition.guide());
        var last = archive.before(guide.id(), edition.number());
        var prices = offers.prices(edition.policy(), guide.shops(), clock.instant());
        var bookable = offers.bookable(edition.policy(), guide.shops(), clock.instant());
        var ground = new Ground(guide, plan, last, parts.catalogue(), prices, bookable);
        var rows = resolved(standing.builds());
        var sheets = plan.tiers().stream().map(tier -> tier(ground, tier, rows)).toList();
        return new Sheets(guide, edition, last, prices, sheets);
    }

    /** Every line with what it takes from the line it follows. */
    private static Map<UUID, List<LineRows.Row>> resolved(Map<UUID, List<LineRows.Row>> builds) {
        var byId = builds.values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(LineRows.Row::id, Function.identity()));
        var following = new Following(byId.values().stream()
                .filter(r -> r.state().follows() != null)
                .collect(Collectors.toMap(LineRows.Row::id, r -> r.state().follows())));
        var resolved = new LinkedHashMap<UUID, List<LineRows.Row>>();
        builds.forEach((build, rows) -> resolved.put(
                build,
                rows.stream()
                        .map(r -> r.following(byId.get(following.source(r.id()))))
                        .toList()));
        return resolved;
    }

    private Sheets.OfTier tier(Ground ground, TierInfo tier, Map<UUID, List<LineRows.Row>> rows) {
        var builds = tier.builds().stream()
                .map(b -> build(ground, tier, b, rows.getOrDefault(b.id(), List.of())))
                .toList();
        return new Sheets.OfTier(tier, tier.form().band().band(ground.guide().money()), builds);
    }

    /** What a build is worked out from: its lines by version, and everything around them, each its own identity. */
    private record WorkedFrom(UUID build, List<Integer> versions, List<Object> ground) {
        static WorkedFrom of(UUID build, List<LineRows.Row> rows, Ground ground, Lists lists) {
            return new WorkedFrom(
                    build,
                    rows.stream()
                            .flatMap(r -> Stream.of(r.version(), r.source()))
                            .toList(),
                    Stream.concat(ground.values().stream(), lists.each()).toList());
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof WorkedFrom w
                    && build.equals(w.build)
                    && versions.equals(w.versions)
                    && ground.size() == w.ground.size()
                    && IntStream.range(0, ground.size()).allMatch(i -> ground.get(i) == w.ground.get(i));
        }

        @Override
        public int hashCode() {
            return Objects.hash(build, versions);
        }
    }

    private Sheets.OfBuild build(Ground ground, TierInfo tier, TierInfo.BuildInfo info, List<LineRows.Row> rows) {
        var lists = lists(ground, tier, info, rows);
        return worked.get(
                WorkedFrom.of(info.id(), rows, ground, lists), from -> workedOut(ground, lists, tier, info, rows));
    }

    /** Which list of prices each line of a build goes by. */
    private Lists lists(Ground ground, TierInfo tier, TierInfo.BuildInfo info, List<LineRows.Row> rows) {
        var ofEdition = new Lists.Of(ground.prices(), ground.bookable());
        var edition = ground.plan().edition().policy();
        var ofBuild = OverrideForm.of(info.policy())
                .over(OverrideForm.of(tier.form().policy()).over(edition));
        var own = new HashMap<UUID, Lists.Of>();
        for (var row : rows) {
            var policy = OverrideForm.of(row.state().policy()).over(ofBuild);
            if (!policy.equals(edition)) {
                own.put(row.id(), of(ground, policy));
            }
        }
        return new Lists(ofEdition, Map.copyOf(own));
    }

    private Lists.Of of(Ground ground, PricePolicy policy) {
        var now = clock.instant();
        var shops = ground.guide().shops();
        return new Lists.Of(offers.prices(policy, shops, now), offers.bookable(policy, shops, now));
    }

    private Sheets.OfBuild workedOut(
            Ground ground, Lists lists, TierInfo tier, TierInfo.BuildInfo info, List<LineRows.Row> rows) {
        var before = ground.before(info.id());
        var sheets = rows.stream()
                .map(row -> line(ground, lists.of(row.id()).prices(), row, before))
                .toList();
        var build = new Build(
                        sheets.stream().map(Sheets.OfLine::line).toList(),
                        tier.form().wishes(ground.guide().region()))
                .in(ground.plan().edition().period().getYear());
        var total = CountedTotal.of(
                sheets.stream().map(Sheets.OfLine::price).toList(), tier.form().countsShipping(), ground.zero());
        var band = tier.form().band().band(ground.guide().money());
        var findings = new Once<>(() -> findings(build));
        return new Sheets.OfBuild(
                info,
                build,
                sheets,
                total,
                BandState.of(total.total(), band),
                new Once<>(() -> bookable(ground, lists, tier, sheets)),
                findings,
                new Once<>(() -> Checks.peak(build)),
                options(
                        ground,
                        sheets,
                        new Once<>(() -> standing(ground.guide(), lists, tier, build, sheets, total, findings.get()))),
                () -> together(ground, sheets),
                before,
                lists);
    }

    /** What each alternative and upgrade would do in a build, by line, for each line when it is first asked. */
    private static Map<UUID, Once<List<Sheets.OfOption>>> options(
            Ground ground, List<Sheets.OfLine> lines, Once<Prospects.Ground> standing) {
        return lines.stream()
                .filter(l -> !l.state().options().isEmpty())
                .collect(Collectors.toUnmodifiableMap(
                        l -> l.line().id(), l -> new Once<>(() -> options(ground, l, standing.get()))));
    }

    private static List<Sheets.OfOption> options(Ground ground, Sheets.OfLine line, Prospects.Ground standing) {
        var prospects = new Prospects(standing, line.line().id());
        return line.state().options().stream()
                .map(o -> new Sheets.OfOption(o, prospects.of(ground.catalogue().part(o.part()))))
                .toList();
    }

    private Prospects.Ground standing(
            GuideInfo guide,
            Lists lists,
            TierInfo tier,
            Build build,
            List<Sheets.OfLine> lines,
            CountedTotal total,
            List<Finding> findings) {
        var zero = Money.zero(guide.money());
        return new Prospects.Ground(
                build,
                findings,
                lines.stream().map(Sheets.OfLine::price).toList(),
                total,
                tier.form().countsShipping(),
                zero,
                tier.form().band().band(guide.money()),
                l -> LinePrice.of(l, lists.of(l.id()).prices(), zero, Optional.empty()),
                part -> lists.ofEdition()
                        .prices()
                        .of(part.id())
                        .offer()
                        .map(o -> o.price().minor())
                        .orElse(Long.MAX_VALUE / 8),
                kind -> priced(lists.ofEdition().prices()).forSale(kind));
    }

    private static CountedTotal bookable(Ground ground, Lists lists, TierInfo tier, List<Sheets.OfLine> lines) {
        return CountedTotal.of(
                lines.stream()
                        .map(l -> LinePrice.ofWinner(
                                l.line(), lists.of(l.line().id()).bookable(), ground.zero()))
                        .toList(),
                tier.form().countsShipping(),
                ground.zero());
    }

    private static List<Finding> findings(Build build) {
        var findings = Checks.on(build);
        var all = new ArrayList<>(findings);
        all.addAll(ofOtherMembers(build, findings));
        return List.copyOf(all);
    }

    /** Every check runs for each member of a vetted set: what is wrong with one that did not win today. */
    private static List<Finding> ofOtherMembers(Build build, List<Finding> findings) {
        var more = new ArrayList<Finding>();
        for (var line : build.lines()) {
            if (line.choice() instanceof Choice.VettedSet set) {
                for (var member : set.members()) {
                    if (!member.equals(set.winner())) {
                        Impact.ofTaking(build, findings, line.id(), new Choice.Chosen(member)).trouble().stream()
                                .filter(f -> f.touches(line.id()))
                                .forEach(f -> more.add(f.with(member.fullName())));
                    }
                }
            }
        }
        return more;
    }

    private Sheets.OfLine line(Ground ground, PriceList prices, LineRows.Row row, Optional<Published.Build> before) {
        var state = row.state();
        var money = ground.guide().money();
        var choice = LinePrice.won(prices, state.choice().choice(ground.catalogue(), money), state.quantity());
        var bare = new Line(
                row.id(),
                state.slot(),
                choice,
                state.quantity(),
                state.counted(),
                Optional.ofNullable(state.place()),
                Optional.empty());
        var price = LinePrice.of(bare, prices, ground.zero(), Optional.ofNullable(state.heldListing()));
        var line = price.offer().map(o -> bare.in(o.condition())).orElse(bare);
        var was = before.flatMap(b ->
                        b.lines().stream().filter(l -> l.id().equals(row.id())).findFirst())
                .map(l -> new LineChange.Published(
                        l.key(), l.label(), Optional.ofNullable(l.priceMinor()).map(m -> new Money(m, money))));
        return new Sheets.OfLine(
                line,
                state,
                row.version(),
                price,
                state.reasonOf(),
                LineChange.of(was, choice.key(), price.goods().known()));
    }

    private List<Together> together(Ground ground, List<Sheets.OfLine> lines) {
        var now = clock.instant();
        var policy = ground.plan().edition().policy();
        return Together.of(
                lines.stream().map(Sheets.OfLine::price).toList(),
                bundles.of(ground.guide().shops()).stream()
                        .filter(b -> b.refusedBy(policy, now).isEmpty())
                        .toList());
    }

    /** What each of many parts would do on a line. */
    public Prospects prospects(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line) {
        var ground = standing(
                sheets.guide(),
                build.lists(),
                tier.tier(),
                build.build(),
                build.lines(),
                build.total(),
                build.findings());
        return new Prospects(ground, line.line().id());
    }

    /** The same of every part of the line's kind. */
    Sketches sketches(Sheets sheets, Sheets.Place at, PricedShelves priced) {
        var shelf = priced.shelf(at.line().line().slot().kind());
        var asked = new Asked(
                at.line().line().id(),
                at.build().build(),
                at.build().lines().stream().map(Sheets.OfLine::price).toList(),
                at.tier().tier().form().countsShipping(),
                at.tier().band(),
                shelf,
                priced.list(),
                at.build().lists());
        return sketches.get(asked, a -> new Sketches(prospects(sheets, at.tier(), at.build(), at.line()), shelf));
    }

    /** The catalogue at an edition's prices. */
    PricedShelves priced(PriceList prices) {
        var catalogue = parts.catalogue();
        var known = shelves.getIfPresent(prices);
        if (known != null && known.shelf(Kind.OTHER) == catalogue.shelf(Kind.OTHER)) {
            return known;
        }
        var fresh = new PricedShelves(catalogue::shelf, prices);
        shelves.put(prices, fresh);
        return fresh;
    }

    public Part part(UUID id) {
        return parts.catalogue().part(id);
    }
}
