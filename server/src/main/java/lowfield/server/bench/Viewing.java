package lowfield.server.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.core.part.PowerSupply;
import lowfield.core.total.BandState;
import lowfield.server.archive.Published;
import lowfield.server.catalogue.Parts;
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
    private static final int MOST_CANDIDATES = 300;
    private static final List<Verdict> WORST_FIRST =
            List.of(Verdict.CLASH, Verdict.NOT_KNOWN, Verdict.CAUTION, Verdict.FITS);

    private final Workbench workbench;
    private final Editions editions;
    private final Parts parts;
    private final WantsYou wants;

    Viewing(Workbench workbench, Editions editions, Parts parts, WantsYou wants) {
        this.wants = wants;
        this.workbench = workbench;
        this.editions = editions;
        this.parts = parts;
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
                f.check().decisive());
    }

    private static Views.OfferView offer(Offer o) {
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
        var options = l.state().options().stream()
                .map(o -> option(sheets, tier, build, l, o))
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
                worst.orElse(null),
                options);
    }

    private Views.OptionView option(
            Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line, OptionState state) {
        var taking = workbench.taking(sheets, tier, build, line, workbench.part(state.part()));
        return new Views.OptionView(
                state,
                taking.part().fullName(),
                taking.part().summary(),
                sum(taking.price().goods()),
                difference(taking, build),
                sum(taking.total().total()),
                standing(taking.state()),
                trouble(taking));
    }

    /** What the build's total would move by, shipping included when it counts. */
    private static @Nullable Long difference(Workbench.Taking taking, Sheets.OfBuild build) {
        return taking.total()
                .total()
                .minus(build.total().total())
                .known()
                .map(Money::minor)
                .orElse(null);
    }

    private static List<Views.FindingView> trouble(Workbench.Taking taking) {
        return taking.effect().trouble().stream().map(Viewing::finding).toList();
    }

    private static Views.Tally tally(Sheets.OfTier tier, Sheets.OfBuild build) {
        var findings = build.findings().stream()
                .sorted(Comparator.comparing(f -> WORST_FIRST.indexOf(f.verdict())))
                .toList();
        var rating = build.build().filled(Slot.POWER_SUPPLY).stream()
                .flatMap(l -> l.choice().spec(PowerSupply.class).stream())
                .flatMap(s -> s.rating().value().stream())
                .findFirst();
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
                rating.orElse(null),
                build.peak().shares().stream()
                        .map(s -> new Views.ShareView(s.what(), s.watts()))
                        .toList(),
                build.peak().missing());
    }

    /** The parts of the line's kind that match, each with what taking it would do to this build. */
    @Transactional(readOnly = true)
    public Views.Found candidates(UUID edition, UUID lineId, String query) {
        var sheets = workbench.sheets(edition);
        var build = sheets.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.build().line(lineId).isPresent())
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such line in this edition."));
        var tier = sheets.tierOf(build.id()).orElseThrow();
        var line = build.lines().stream()
                .filter(l -> l.line().id().equals(lineId))
                .findFirst()
                .orElseThrow();
        var matching = parts.catalogue()
                .search(line.line().slot().kind(), query.length() > 200 ? query.substring(0, 200) : query);
        var candidates = matching.stream()
                .map(p -> candidate(build, line, workbench.taking(sheets, tier, build, line, p)))
                .sorted(Comparator.comparing(Views.Candidate::group)
                        .thenComparing(
                                c -> Optional.ofNullable(c.price().minor()).orElse(Long.MAX_VALUE))
                        .thenComparing(Views.Candidate::name))
                .limit(MOST_CANDIDATES)
                .toList();
        return new Views.Found(candidates, matching.size());
    }

    private static Views.Candidate candidate(Sheets.OfBuild build, Sheets.OfLine line, Workbench.Taking taking) {
        return new Views.Candidate(
                taking.part().id(),
                taking.part().fullName(),
                taking.part().summary(),
                group(taking),
                sum(taking.price().goods()),
                taking.price().offer().map(Viewing::offer).orElse(null),
                difference(taking, build),
                sum(taking.total().total()),
                standing(taking.state()),
                trouble(taking),
                line.line()
                        .choice()
                        .part()
                        .filter(p -> p.id().equals(taking.part().id()))
                        .isPresent());
    }

    private static Views.Group group(Workbench.Taking taking) {
        if (taking.effect().worst() == Verdict.CLASH) {
            return Views.Group.CLASHES;
        }
        if (taking.effect().worst() == Verdict.NOT_KNOWN
                || taking.price().goods().known().isEmpty()) {
            return Views.Group.CANNOT_BE_TOLD;
        }
        var inside = taking.state() instanceof BandState.Inside || taking.state() instanceof BandState.NoBand;
        return inside && taking.effect().worst() == Verdict.FITS ? Views.Group.STAYS : Views.Group.FORCES;
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
