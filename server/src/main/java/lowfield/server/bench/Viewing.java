package lowfield.server.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.find.Prospect;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Following;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.core.power.Draw;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows worked-out editions: the bench, the finder and the cards of the desk. */
@Service
public class Viewing {
    private final Workbench workbench;
    private final Editions editions;
    private final WantsYou wants;
    private final Tills tills;

    Viewing(Workbench workbench, Editions editions, WantsYou wants, Tills tills) {
        this.tills = tills;
        this.wants = wants;
        this.workbench = workbench;
        this.editions = editions;
    }

    public Views.Bench bench(UUID edition, UUID buildId) {
        var sheets = workbench.sheets(edition);
        var tier = sheets.tierOf(buildId).orElseThrow(() -> new NotFound("There is no such build in this edition."));
        var build = sheets.build(buildId).orElseThrow();
        var following = sheets.following();
        var lines = build.lines().stream()
                .map(l -> line(sheets, following, tier, build, l))
                .toList();
        return new Views.Bench(
                sheets.guide(),
                sheets.edition(),
                cards(sheets),
                Shown.card(tier, build),
                build.stamp(),
                lines,
                addable(build),
                Tallies.tally(sheets, tills, tier, build, workbench.together(sheets, build)));
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
                .flatMap(t -> t.builds().stream().map(b -> Shown.card(t, b)))
                .toList();
    }

    private Views.LineView line(
            Sheets sheets, Following following, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine l) {
        var line = l.line();
        var worst = Tallies.WORST_FIRST.stream()
                .filter(v -> build.findings().stream().anyMatch(f -> f.verdict() == v && f.touches(line.id())))
                .findFirst();
        var options = build.options(line.id()).stream()
                .map(o -> option(build, line.id(), o.prospect(), o.state()))
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
                members(sheets, tier, build, l),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                line.quantity(),
                line.counted(),
                Shown.sum(l.price().goods()),
                l.price().offer().map(Shown::offer).orElse(null),
                l.price().estimated().map(Estimate::derivation).orElse(null),
                runnersUp.stream().map(Shown::offer).toList(),
                l.state().heldListing(),
                l.state().heldWhy(),
                l.change().how(),
                l.change().before(),
                l.change().difference().map(Money::minor).orElse(null),
                l.state().reason(),
                l.reason().isStale(line.choice()),
                Shown.follows(sheets, l).orElse(null),
                followers(sheets, following, line.id()),
                Optional.ofNullable(l.state().note()).orElse(""),
                worst.orElse(null),
                options,
                l.state().comparedOf());
    }

    private static List<Views.FollowView> followers(Sheets sheets, Following following, UUID source) {
        return following.of(source).stream()
                .flatMap(id -> Shown.where(sheets, id).stream())
                .sorted(Comparator.comparing(Views.FollowView::where))
                .toList();
    }

    private static Views.OptionView option(Sheets.OfBuild build, UUID line, Prospect prospect, OptionState state) {
        var taken = prospect.forced().stream()
                .reduce(build.build().taking(line, prospect.part()), Viewing::with, (a, b) -> b);
        return new Views.OptionView(
                state,
                prospect.part().fullName(),
                prospect.part().summary(),
                Shown.sum(prospect.price().goods()),
                Shown.minor(prospect.trueDifference()),
                Shown.sum(prospect.total().total()),
                Shown.standing(prospect.state()),
                Draw.of(taken).headroom().orElse(null),
                Shown.forced(prospect),
                Shown.trouble(prospect));
    }

    /** The build with what a candidate forces. */
    private static Build with(Build build, Prospect.Forced forced) {
        return build.filled(forced.slot()).stream()
                .findFirst()
                .map(l -> build.taking(l.id(), forced.part()))
                .orElse(build);
    }

    /** The parts of a vetted set in order of preference; none for another choice. */
    private List<Views.MemberView> members(
            Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line) {
        if (!(line.line().choice() instanceof Choice.VettedSet set)) {
            return List.of();
        }
        var prospects = workbench.prospects(sheets, tier, build, line);
        return set.members().stream()
                .map(p -> member(prospects.of(p), p.equals(set.winner())))
                .toList();
    }

    private static Views.MemberView member(Prospect prospect, boolean wins) {
        return new Views.MemberView(
                prospect.part().id(),
                prospect.part().fullName(),
                prospect.part().summary(),
                Shown.sum(prospect.price().goods()),
                wins,
                Shown.trouble(prospect));
    }

    @Transactional(readOnly = true)
    public Views.DeskView desk(GuideInfo guide) {
        var all = editions.of(guide.id());
        var tabs = all.stream()
                .map(e -> new Views.EditionTab(e.id(), e.number(), e.period(), e.state()))
                .toList();
        var current = all.stream().reduce((a, b) -> b);
        if (current.isEmpty()) {
            return new Views.DeskView(guide, tabs, null, null, List.of(), List.of(), List.of());
        }
        var sheets = workbench.sheets(current.get().id());
        var inWork = current.get().state() == EditionInfo.State.IN_WORK;
        return new Views.DeskView(
                guide,
                tabs,
                current.get(),
                sheets.last().map(p -> p.period().toString()).orElse(null),
                cards(sheets),
                inWork ? wants.queue(sheets) : List.of(),
                out(all));
    }

    /** What has become of the edition that is out. */
    private List<Views.Wanted> out(List<EditionInfo> editions) {
        return editions.stream()
                .filter(e -> e.state() == EditionInfo.State.PUBLISHED)
                .flatMap(e -> wants.sinceItCameOut(workbench.sheets(e.id())).stream())
                .toList();
    }
}
