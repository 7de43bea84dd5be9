package lowfield.server.press;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.Option;
import lowfield.core.edition.PublishedBuild;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Choice;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.part.Comparison;
import lowfield.core.part.Part;
import lowfield.core.total.LinePrice;
import lowfield.server.archive.Published;
import lowfield.server.archive.Published.Table;
import lowfield.server.bench.Tills;
import lowfield.server.catalogue.Parts;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.edition.LoadedEdition;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Turns a worked-out edition into what is frozen at publishing. */
@Component
class Freezing {
    private final Parts parts;
    private final Tills tills;
    private final Charting charting;
    private final SoftFacts facts;

    Freezing(Parts parts, Tills tills, Charting charting, SoftFacts facts) {
        this.facts = facts;
        this.charting = charting;
        this.parts = parts;
        this.tills = tills;
    }

    Published freeze(LoadedEdition edition, List<Preflights.GateView> gates, Instant now) {
        var guide = edition.guide();
        var seen = edition.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .flatMap(b -> b.lines().stream())
                .flatMap(l -> l.price().offer().stream())
                .map(Offer::seenAt)
                .sorted()
                .toList();
        return new Published(
                Published.FORMAT,
                new Published.OfGuide(
                        guide.slug(),
                        guide.name(),
                        guide.region(),
                        guide.zone(),
                        guide.currency(),
                        guide.locale(),
                        guide.disclosure()),
                edition.edition().number(),
                edition.edition().period(),
                now,
                seen.isEmpty() ? null : seen.get(0),
                seen.isEmpty() ? null : seen.get(seen.size() - 1),
                edition.tiers().stream().map(t -> tier(edition, t, gates)).toList(),
                charting.of(edition, now));
    }

    private Published.Tier tier(LoadedEdition edition, EvaluatedTier tier, List<Preflights.GateView> gates) {
        var form = edition.info(tier).form();
        return new Published.Tier(
                tier.id(),
                form.name(),
                form.audience(),
                form.promise(),
                form.band(),
                form.countsShipping(),
                Boolean.TRUE.equals(form.showsBuilds()) && tier.builds().size() > 1 ? true : null,
                tier.builds().stream().map(b -> build(edition, tier, b, gates)).toList());
    }

    private Published.Build build(
            LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build, List<Preflights.GateView> gates) {
        return Withheld.from(
                whole(edition, tier, build, gates),
                withheld(build),
                edition.guide().money());
    }

    private Set<UUID> withheld(EvaluatedBuild build) {
        return build.lines().stream()
                .filter(l -> l.price().isWithheld())
                .map(l -> l.line().id())
                .collect(Collectors.toSet());
    }

    private Published.Build whole(
            LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build, List<Preflights.GateView> gates) {
        var total = minor(build.total().total());
        var last = build.plan().last().flatMap(PublishedBuild::total).map(Money::minor);
        return new Published.Build(
                build.id(),
                build.name(),
                total,
                estimated(build.total().total(), null),
                minor(build.total().goods()),
                minor(build.total().uncounted()),
                total == null ? null : last.map(l -> total - l).orElse(null),
                minor(build.available().total()),
                tills(edition, tier, build),
                build.total().charges().stream()
                        .map(c -> new Published.Charge(c.seller().label(), minor(c.amount())))
                        .toList(),
                build.peak().watts().value().orElse(null),
                build.lines().stream()
                        .filter(l -> !l.line().isEmpty())
                        .map(l -> line(edition, tier, build, l))
                        .toList(),
                together(build),
                caveats(build, gates),
                firstStart(build));
    }

    private @Nullable List<Published.SoldTogether> together(EvaluatedBuild build) {
        var told = build.together().stream()
                .filter(t -> t.bundle().seller().terms().mayStand())
                .map(t -> new Published.SoldTogether(
                        t.bundle().seller().label(),
                        build.labels(t.lines()),
                        t.bundle().price().minor(),
                        t.saves().minor(),
                        t.bundle().seenAt(),
                        t.bundle().link()))
                .toList();
        return told.isEmpty() ? null : told;
    }

    private List<Published.Till> tills(LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build) {
        var told = tills.of(edition.guide(), tier, build).stream()
                .filter(t -> t.convertedMinor() != null)
                .map(t -> new Published.Till(t.region(), t.currency(), t.convertedMinor(), t.rate()))
                .toList();
        return told.isEmpty() ? null : told;
    }

    /** What a reader must know, clashes first, then cautions and notes, and why a gate was waived for this build. */
    private static List<String> caveats(EvaluatedBuild build, List<Preflights.GateView> gates) {
        var caveats = new ArrayList<String>();
        build.findings().stream()
                .filter(f -> f.verdict() != Verdict.FITS)
                .sorted(Comparator.comparing(Finding::verdict, Verdict.WORST_FIRST))
                .filter(f -> !f.outcome().firstStart())
                .forEach(f -> f.forReaders().ifPresent(s -> caveats.add(s + answered(build, f))));
        gates.stream()
                .filter(g -> g.waiver() != null
                        && g.problems().stream().anyMatch(p -> p.builds().contains(build.id())))
                .forEach(g -> caveats.add("The author says: " + g.waiver()));
        return caveats.stream().distinct().toList();
    }

    /** What a reader sets when the computer starts for the first time; absent when it is nothing. */
    private static @Nullable List<String> firstStart(EvaluatedBuild build) {
        var settings = build.findings().stream()
                .filter(f -> f.outcome().firstStart())
                .flatMap(f -> f.forReaders().stream())
                .distinct()
                .toList();
        return settings.isEmpty() ? null : settings;
    }

    /** What the author answered to it, behind it. */
    private static String answered(EvaluatedBuild build, Finding finding) {
        return build.answer(finding).map(a -> " " + a.words()).orElse("");
    }

    private @Nullable Table compared(EvaluatedLine line) {
        var ids = line.plan().compared();
        if (ids.size() < 2) {
            return null;
        }
        var comparison = Comparison.of(ids.stream().map(parts.catalogue()::part).toList());
        var figures = comparison.rows().stream()
                .filter(Comparison.Row::differs)
                .map(r -> new Published.Figure(r.field().label(), r.cells(), r.better()));
        return new Table(
                comparison.parts().stream().map(Part::fullName).toList(),
                Stream.concat(figures, reviews(comparison.parts()).stream()).toList());
    }

    /** What reviewers give the parts of a table, where one of them is reviewed. */
    private Optional<Published.Figure> reviews(List<Part> compared) {
        var ids = compared.stream().map(Part::id).toList();
        var known = facts.of(ids);
        var cells = ids.stream().map(known::reviews).toList();
        return cells.stream().allMatch(String::isEmpty)
                ? Optional.empty()
                : Optional.of(new Published.Figure("reviews", cells, List.of()));
    }

    private Published.Line line(LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build, EvaluatedLine l) {
        var line = l.line();
        var change = l.change();
        return new Published.Line(
                line.id(),
                line.slot().label(),
                line.choice().key(),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                line.choice() instanceof Choice.VettedSet set
                        ? set.members().stream().map(Part::fullName).toList()
                        : null,
                line.quantity(),
                line.counted(),
                minor(l.price().goods()),
                estimated(l.price()),
                l.price()
                        .offer()
                        .map(o -> new Published.Price(
                                o.seller().label(),
                                o.condition().label(),
                                o.seenAt(),
                                o.link(),
                                o.claimBack().map(Money::minor).orElse(null)))
                        .orElse(null),
                null,
                l.reason().markdown(),
                change.how() == LineChange.How.SWITCHED ? change.before() : null,
                change.difference().map(Money::minor).orElse(null),
                options(build, l, Option.Purpose.ALTERNATIVE),
                options(build, l, Option.Purpose.UPGRADE),
                compared(l));
    }

    private List<Published.Option> options(EvaluatedBuild build, EvaluatedLine line, Option.Purpose purpose) {
        return build.options(line.id()).stream()
                .filter(o -> o.option().purpose() == purpose)
                .map(o -> option(o.impact(), o.option()))
                .toList();
    }

    /** The difference is the true one: what the option forces is in it, and is told. */
    private Published.Option option(CandidateImpact impact, Option option) {
        var hidden = impact.price().isWithheld();
        var forcesHidden = impact.forced().stream().anyMatch(f -> f.price().isWithheld());
        var consequences = new ArrayList<String>();
        impact.forced().forEach(f -> consequences.add("Needs " + f.part().fullName() + " with it."));
        impact.effect().trouble().stream().flatMap(f -> f.forReaders().stream()).forEach(consequences::add);
        return new Published.Option(
                impact.part().fullName(),
                hidden ? null : minor(impact.price().goods()),
                estimated(impact.price()),
                hidden || forcesHidden ? null : minor(impact.trueDifference()),
                option.note(),
                List.copyOf(consequences));
    }

    private static Published.@Nullable Estimated estimated(LinePrice price) {
        return estimated(
                price.goods(), price.estimated().map(Estimate::derivation).orElse(null));
    }

    private static Published.@Nullable Estimated estimated(Amount amount, @Nullable String derivation) {
        return amount instanceof Amount.Range r
                ? new Published.Estimated(
                        r.low().minor(), r.likely().minor(), r.high().minor(), derivation)
                : null;
    }

    private static @Nullable Long minor(Amount amount) {
        return amount.known().map(Money::minor).orElse(null);
    }
}
