package lowfield.server.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.find.Prospect;
import lowfield.core.find.Prospects;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.core.power.Draw;
import lowfield.core.total.BandState;
import lowfield.server.archive.Published;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows worked-out editions: the bench, the finder and the cards of the desk. */
@Service
public class Viewing {
    private static final List<Verdict> WORST_FIRST =
            List.of(Verdict.CLASH, Verdict.NOT_KNOWN, Verdict.CAUTION, Verdict.FITS);

    private final Workbench workbench;
    private final Editions editions;
    private final WantsYou wants;

    Viewing(Workbench workbench, Editions editions, WantsYou wants) {
        this.wants = wants;
        this.workbench = workbench;
        this.editions = editions;
    }

    @Transactional(readOnly = true)
    public Views.Bench bench(UUID edition, UUID buildId) {
        var sheets = workbench.sheets(edition);
        var tier = sheets.tierOf(buildId).orElseThrow(() -> new NotFound("There is no such build in this edition."));
        var build = sheets.build(buildId).orElseThrow();
        var lines =
                build.lines().stream().map(l -> line(sheets, tier, build, l)).toList();
        return new Views.Bench(
                sheets.guide(),
                sheets.edition(),
                cards(sheets),
                card(tier, build),
                lines,
                addable(build),
                tally(tier, build));
    }

    private static List<Views.SlotView> addable(Sheets.OfBuild build) {
        return List.of(Slot.values()).stream()
                .filter(s -> s.several()
                        || build.lines().stream().noneMatch(l -> l.line().slot() == s))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
    }

    List<Views.BuildCard> cards(Sheets sheets) {
        return sheets.tiers().stream()
                .flatMap(t -> t.builds().stream().map(b -> card(t, b)))
                .toList();
    }

    private static Views.BuildCard card(Sheets.OfTier tier, Sheets.OfBuild build) {
        var switched = (int) build.lines().stream()
                .filter(l -> l.change().how() == LineChange.How.SWITCHED)
                .count();
        var info = tier.tier();
        return new Views.BuildCard(
                info.id(),
                build.id(),
                info.form().name(),
                build.name(),
                info.form(),
                info.version(),
                gauge(tier, build),
                switched);
    }

    private static Views.Gauge gauge(Sheets.OfTier tier, Sheets.OfBuild build) {
        return new Views.Gauge(
                tier.band().low().map(Money::minor).orElse(null),
                tier.band().high().map(Money::minor).orElse(null),
                sum(build.total().total()),
                build.last().map(Published.Build::totalMinor).orElse(null),
                standing(build.state()));
    }

    static Views.Sum sum(Amount amount) {
        return new Views.Sum(amount.known().map(Money::minor).orElse(null), amount.blame());
    }

    static Views.Standing standing(BandState state) {
        if (state instanceof BandState.Under under) {
            return new Views.Standing(Views.Standing.State.UNDER, under.by().minor());
        }
        if (state instanceof BandState.Over over) {
            return new Views.Standing(Views.Standing.State.OVER, over.by().minor());
        }
        if (state instanceof BandState.Inside inside) {
            return new Views.Standing(Views.Standing.State.INSIDE, inside.left().minor());
        }
        return new Views.Standing(
                state instanceof BandState.NoBand ? Views.Standing.State.NO_BAND : Views.Standing.State.NOT_KNOWN,
                null);
    }

    static Views.FindingView finding(Finding f) {
        return new Views.FindingView(
                f.check().id(),
                f.check().rule(),
                f.verdict(),
                f.evidence(),
                f.lines(),
                f.check().decisive(),
                f.gap()
                        .map(g -> new Views.GapView(g.part(), g.field(), g.label()))
                        .orElse(null));
    }

    static Views.OfferView offer(Offer o) {
        return new Views.OfferView(
                o.listing(),
                o.seller().label(),
                o.condition().label(),
                o.price().minor(),
                o.shippingAlone().map(Money::minor).orElse(null),
                o.stock().label(),
                o.seenAt(),
                o.link());
    }

    private Views.LineView line(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine l) {
        var line = l.line();
        var worst = WORST_FIRST.stream()
                .filter(v -> build.findings().stream().anyMatch(f -> f.verdict() == v && f.touches(line.id())))
                .findFirst();
        var prospects = workbench.prospects(sheets, tier, build, l);
        var options = l.state().options().stream()
                .map(o -> option(prospects.of(workbench.part(o.part())), o))
                .toList();
        var runnersUp = l.price()
                .price()
                .map(p -> p instanceof PartPrice.Priced priced ? priced.runnersUp() : List.<Offer>of())
                .orElse(List.of());
        return new Views.LineView(
                line.id(),
                l.version(),
                line.slot(),
                line.slot().label(),
                line.slot().kind(),
                line.slot().several(),
                line.slot().needed(),
                l.state().choice(),
                members(prospects, l),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                line.quantity(),
                line.counted(),
                sum(l.price().goods()),
                l.price().offer().map(Viewing::offer).orElse(null),
                runnersUp.stream().map(Viewing::offer).toList(),
                l.state().heldListing(),
                l.state().heldWhy(),
                l.change().how(),
                l.change().before(),
                l.change().difference().map(Money::minor).orElse(null),
                l.state().reason(),
                l.reason().isStale(line.choice()),
                follows(sheets, l).orElse(null),
                followers(sheets, line.id()),
                Optional.ofNullable(l.state().note()).orElse(""),
                worst.orElse(null),
                options);
    }

    static Optional<Views.FollowView> follows(Sheets sheets, Sheets.OfLine line) {
        return Optional.ofNullable(line.state().follows()).flatMap(id -> where(sheets, id));
    }

    private static List<Views.FollowView> followers(Sheets sheets, UUID source) {
        return sheets.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .flatMap(b -> b.lines().stream())
                .filter(l -> source.equals(l.state().follows()))
                .flatMap(l -> where(sheets, l.line().id()).stream())
                .toList();
    }

    private static Optional<Views.FollowView> where(Sheets sheets, UUID line) {
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                if (build.build().line(line).isPresent()) {
                    return Optional.of(new Views.FollowView(
                            line, build.id(), tier.tier().form().name() + ", " + build.name()));
                }
            }
        }
        return Optional.empty();
    }

    /** What a part on a line would do in each build that follows it, near or far. */
    @Transactional(readOnly = true)
    public List<Views.ReachView> reach(UUID edition, UUID line, UUID part) {
        var sheets = workbench.sheets(edition);
        var chosen = workbench.part(part);
        var reached = new java.util.ArrayList<Views.ReachView>();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                for (var each : build.lines()) {
                    if (!each.line().id().equals(line) && leadsTo(sheets, each, line)) {
                        var prospect =
                                workbench.prospects(sheets, tier, build, each).of(chosen);
                        reached.add(new Views.ReachView(
                                where(sheets, each.line().id()).orElseThrow(),
                                sum(prospect.total().total()),
                                standing(prospect.state()),
                                minor(prospect.trueDifference()),
                                trouble(prospect)));
                    }
                }
            }
        }
        return reached;
    }

    private static boolean leadsTo(Sheets sheets, Sheets.OfLine line, UUID source) {
        var at = line.state().follows();
        for (int steps = 0; at != null && steps < 40; steps++) {
            if (at.equals(source)) {
                return true;
            }
            var id = at;
            at = sheets.tiers().stream()
                    .flatMap(t -> t.builds().stream())
                    .flatMap(b -> b.lines().stream())
                    .filter(l -> l.line().id().equals(id))
                    .findFirst()
                    .map(l -> l.state().follows())
                    .orElse(null);
        }
        return false;
    }

    /** All builds of the edition beside each other, slots down. */
    @Transactional(readOnly = true)
    public Views.LadderView ladder(UUID edition) {
        var sheets = workbench.sheets(edition);
        var columns = new java.util.ArrayList<Views.ColumnView>();
        var left = Optional.<Sheets.OfBuild>empty();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                columns.add(column(sheets, tier, build, left));
                left = Optional.of(build);
            }
        }
        var slots = java.util.Arrays.stream(Slot.values())
                .filter(s -> columns.stream().anyMatch(c -> c.rungs().stream().anyMatch(r -> r.slot() == s)))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
        return new Views.LadderView(sheets.guide(), sheets.edition(), slots, columns);
    }

    private static Views.ColumnView column(
            Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Optional<Sheets.OfBuild> left) {
        var rungs = build.lines().stream()
                .map(l -> new Views.RungView(
                        l.line().id(),
                        l.version(),
                        l.line().slot(),
                        l.state().choice(),
                        l.line().choice().label(),
                        sum(l.price().goods()),
                        l.line().counted(),
                        left.stream()
                                .flatMap(b -> b.build().filled(l.line().slot()).stream())
                                .anyMatch(o -> o.choice()
                                                .key()
                                                .equals(l.line().choice().key())
                                        && o.quantity() == l.line().quantity()),
                        follows(sheets, l).orElse(null)))
                .toList();
        var step =
                left.flatMap(b -> build.total().total().minus(b.total().total()).known());
        return new Views.ColumnView(
                card(tier, build),
                step.map(Money::minor).orElse(null),
                (int) rungs.stream().filter(r -> !r.runsOn()).count(),
                rungs);
    }

    private static Views.OptionView option(Prospect prospect, OptionState state) {
        return new Views.OptionView(
                state,
                prospect.part().fullName(),
                prospect.part().summary(),
                sum(prospect.price().goods()),
                minor(prospect.trueDifference()),
                sum(prospect.total().total()),
                standing(prospect.state()),
                forced(prospect),
                trouble(prospect));
    }

    static @Nullable Long minor(Amount amount) {
        return amount.known().map(Money::minor).orElse(null);
    }

    static List<Views.FindingView> trouble(Prospect prospect) {
        return prospect.effect().trouble().stream().map(Viewing::finding).toList();
    }

    static List<Views.ForcedView> forced(Prospect prospect) {
        return prospect.forced().stream()
                .map(f -> new Views.ForcedView(
                        f.slot().label(), f.part().id(), f.part().fullName(), sum(f.price()), f.why()))
                .toList();
    }

    /** The parts of a vetted set in order of preference; none for another choice. */
    private static List<Views.MemberView> members(Prospects prospects, Sheets.OfLine line) {
        return line.line().choice() instanceof Choice.VettedSet set
                ? set.members().stream()
                        .map(p -> member(prospects.of(p), p.equals(set.winner())))
                        .toList()
                : List.of();
    }

    private static Views.MemberView member(Prospect prospect, boolean wins) {
        return new Views.MemberView(
                prospect.part().id(),
                prospect.part().fullName(),
                prospect.part().summary(),
                sum(prospect.price().goods()),
                wins,
                trouble(prospect));
    }

    private static Views.Tally tally(Sheets.OfTier tier, Sheets.OfBuild build) {
        var findings = build.findings().stream()
                .sorted(Comparator.comparing(f -> WORST_FIRST.indexOf(f.verdict())))
                .toList();
        var draw = Draw.of(build.build());
        return new Views.Tally(
                gauge(tier, build),
                sum(build.total().goods()),
                build.total().charges().stream()
                        .map(c -> new Views.ChargeView(c.seller().label(), sum(c.amount())))
                        .toList(),
                sum(build.total().uncounted()),
                findings.stream().map(Viewing::finding).toList(),
                (int) findings.stream()
                        .filter(f -> f.verdict() != Verdict.NOT_KNOWN)
                        .count(),
                build.peak().watts().value().orElse(null),
                build.peak().neededRating().value().orElse(null),
                draw.supply().map(Draw.Supply::rating).orElse(null),
                drawView(draw),
                build.peak().shares().stream()
                        .map(s -> new Views.ShareView(s.what(), s.watts()))
                        .toList(),
                build.peak().missing());
    }

    private static Views.DrawView drawView(Draw draw) {
        return new Views.DrawView(
                draw.idle(),
                draw.gaming().map(Draw.Watts::low).orElse(null),
                draw.gaming().map(Draw.Watts::high).orElse(null),
                draw.headroom().orElse(null),
                load(draw, Optional.of(draw.idle())),
                load(draw, draw.gaming().map(Draw.Watts::middle)),
                load(draw, draw.peak().watts().value()));
    }

    private static Views.@Nullable LoadView load(Draw draw, Optional<Integer> watts) {
        if (watts.isEmpty() || draw.supply().isEmpty()) {
            return null;
        }
        var efficiency = draw.supply().get().efficiency(watts.get());
        return new Views.LoadView(
                (int) Math.round(draw.supply().get().load(watts.get())),
                efficiency.isPresent() ? (int) Math.round(efficiency.getAsDouble() * 100) : null);
    }

    /** What a year of a build takes from the wall, for hours a day; absent when its draw or supply is not known. */
    @Transactional(readOnly = true)
    public Optional<Draw.Year> year(UUID edition, UUID build, double gamingHours, double idleHours) {
        RuleBroken.unless(
                gamingHours >= 0 && idleHours >= 0 && gamingHours + idleHours <= 24,
                "Hours of play and idling are zero or more, and a day has 24.");
        var sheets = workbench.sheets(edition);
        return sheets.build(build)
                .map(b -> Draw.of(b.build()))
                .orElseThrow(() -> new NotFound("There is no such build in this edition."))
                .year(gamingHours, idleHours);
    }

    @Transactional(readOnly = true)
    public Views.DeskView desk(GuideInfo guide) {
        var all = editions.of(guide.id());
        var tabs = all.stream()
                .map(e -> new Views.EditionTab(e.id(), e.number(), e.period(), e.state()))
                .toList();
        var current = all.stream().reduce((a, b) -> b);
        if (current.isEmpty()) {
            return new Views.DeskView(guide, tabs, null, null, List.of(), List.of());
        }
        var sheets = workbench.sheets(current.get().id());
        var inWork = current.get().state() == EditionInfo.State.IN_WORK;
        return new Views.DeskView(
                guide,
                tabs,
                current.get(),
                sheets.last().map(p -> p.period().toString()).orElse(null),
                cards(sheets),
                inWork ? wants.queue(sheets) : List.of());
    }
}
