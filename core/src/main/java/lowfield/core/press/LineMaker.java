package lowfield.core.press;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.change.LineChange;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.fact.FilledReason;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Choice;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.option.NextTier;
import lowfield.core.part.Comparison;
import lowfield.core.part.Part;
import lowfield.core.part.Replacement;
import lowfield.core.total.LinePrice;

/** Makes what the document says of a build's lines, with their alternatives and upgrades. */
final class LineMaker {
    private final EvaluatedEdition edition;
    private final EvaluatedTier tier;
    private final EvaluatedBuild build;
    private final PublicPrices prices;
    private final PressMaterial material;

    LineMaker(
            EvaluatedEdition edition,
            EvaluatedTier tier,
            EvaluatedBuild build,
            PublicPrices prices,
            PressMaterial material) {
        this.edition = edition;
        this.tier = tier;
        this.build = build;
        this.prices = prices;
        this.material = material;
    }

    Publication.Line make(EvaluatedLine evaluated) {
        var line = evaluated.line();
        var change = evaluated.change();
        var isHidden = evaluated.price().isWithheld();
        return new Publication.Line(
                line.id(),
                line.slot().label(),
                line.choice().key(),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                anyOf(line.choice()),
                line.quantity(),
                line.counted(),
                price(evaluated.price()),
                source(evaluated.price()),
                isHidden ? Optional.empty() : evaluated.price().afterClaim(),
                reason(evaluated),
                change.how() == LineChange.How.SWITCHED ? Optional.of(change.before()) : Optional.empty(),
                isHidden
                        ? new Cell.NotKnown()
                        : change.difference().<Cell>map(Cell.Exact::new).orElseGet(Cell.NotKnown::new),
                options(evaluated, Option.Purpose.ALTERNATIVE),
                options(evaluated, Option.Purpose.UPGRADE),
                compared(evaluated),
                line.choice().part().map(Part::id).flatMap(material.pictures().ofPart()),
                either(evaluated),
                review(line.choice()),
                line.choice()
                        .part()
                        .map(p -> material.own().ofPart().apply(p.id()))
                        .orElse(PublishedOwn.NONE),
                isHidden ? Optional.empty() : evaluated.price().overMsrp());
    }

    /** With its facts as they are now, for good. */
    private String reason(EvaluatedLine line) {
        var at = new EvaluatedEdition.Place(tier, build, line);
        return FilledReason.of(line.reason().markdown(), edition, at, material.words())
                .markdown();
    }

    private static List<String> anyOf(Choice choice) {
        return choice instanceof Choice.VettedSet set
                ? set.members().stream().map(Part::fullName).toList()
                : List.of();
    }

    private static Cell price(LinePrice price) {
        if (price.in().isPresent()) {
            return new Cell.Included(price.in().get().swap(price.line().id()));
        }
        return price.isWithheld()
                ? new Cell.Withheld()
                : Cell.estimate(price.goods(), price.estimated().map(Estimate::derivation))
                        .orElseGet(() -> Cell.of(price.goods()));
    }

    /** A version's name ends behind a comma, which the sentence closes. */
    private static String needs(Part part) {
        var name = part.fullName();
        return "Needs the " + name + (name.contains(",") ? ", with it." : " with it.");
    }

    private static Optional<Publication.Source> source(LinePrice price) {
        return price.offer().map(LineMaker::source);
    }

    static Publication.Source source(Offer offer) {
        return new Publication.Source(
                offer.seller().printed(),
                offer.condition().label(),
                offer.seenAt(),
                offer.link().isEmpty() ? Publication.Source.NO_PAGE : offer.link());
    }

    private List<Publication.Option> options(EvaluatedLine line, Option.Purpose purpose) {
        return build.options(line.id()).stream()
                .filter(o -> o.option().purpose() == purpose)
                .filter(o -> !isChosen(line.line().choice(), o.impact().part()))
                .map(o -> option(line, o.impact(), o.option()))
                .toList();
    }

    /** What would do anyhow is no other choice. */
    private static boolean isChosen(Choice choice, Part part) {
        return choice.named().stream().anyMatch(p -> p.id().equals(part.id()));
    }

    /** The other of two parts that would both do; absent while nobody sells it. */
    private Optional<PublishedEither> either(EvaluatedLine line) {
        return build.options(line.id()).stream()
                .filter(o -> o.option().purpose() == Option.Purpose.EITHER)
                .filter(o -> o.impact().price().goods().range().isPresent())
                .findFirst()
                .map(o -> new PublishedEither(
                        o.impact().part().fullName(),
                        price(o.impact().price()),
                        prices.hides() || prices.tells(changed(line, o.impact(), o.option()))
                                ? new Cell.Withheld()
                                : Cell.of(o.impact().total().total()),
                        source(o.impact().price()),
                        o.option().note()));
    }

    /** The difference is the true one: what the option forces is in it, and is told. */
    private Publication.Option option(EvaluatedLine line, CandidateImpact impact, Option option) {
        var consequences = Stream.concat(
                impact.forced().stream().map(f -> needs(f.part())),
                impact.effect().trouble().stream().flatMap(f -> f.forReaders().stream()));
        return new Publication.Option(
                impact.part().fullName(),
                option.adds(),
                price(impact.price()),
                prices.tells(changed(line, impact, option)) ? new Cell.Withheld() : Cell.of(impact.trueDifference()),
                option.note(),
                consequences.toList(),
                worth(line, impact, option));
    }

    private String nextTier(EvaluatedLine line, CandidateImpact impact) {
        return NextTier.of(edition, new EvaluatedEdition.Place(tier, build, line), impact)
                .map(NextTier::said)
                .orElse("");
    }

    private Optional<EvaluatedTier> tierAbove() {
        var at = edition.tiers().indexOf(tier) + 1;
        return at < edition.tiers().size() ? Optional.of(edition.tiers().get(at)) : Optional.empty();
    }

    private static boolean hides(Optional<EvaluatedTier> tier) {
        return tier.filter(t -> t.lead().prices().stream().anyMatch(LinePrice::isWithheld))
                .isPresent();
    }

    private PublishedWorth worth(EvaluatedLine line, CandidateImpact impact, Option option) {
        var exchange = option.adds()
                ? Optional.<Replacement>empty()
                : line.choice().part().map(now -> Replacement.of(now, impact.part()));
        var isHidden = prices.hides() || prices.tells(changed(line, impact, option));
        return new PublishedWorth(
                option.motive().map(Motive::word).orElse(""),
                isHidden ? new Cell.Withheld() : Cell.of(impact.total().total()),
                source(impact.price()),
                exchange.map(e -> Stream.concat(e.changes().stream(), e.gains().stream())
                                .toList())
                        .orElse(List.of()),
                exchange.map(Replacement::losses).orElse(List.of()),
                isHidden || hides(tierAbove()) ? "" : nextTier(line, impact));
    }

    /** Every price that is in the difference: what comes, what it forces, and what goes for them. */
    private Stream<LinePrice> changed(EvaluatedLine line, CandidateImpact impact, Option option) {
        var slots = impact.forced().stream().map(CandidateImpact.Forced::slot).toList();
        return Stream.of(
                        option.adds() ? Stream.of(impact.price()) : Stream.of(line.price(), impact.price()),
                        impact.forced().stream().map(CandidateImpact.Forced::price),
                        build.prices().stream()
                                .filter(p -> slots.contains(p.line().slot())))
                .flatMap(s -> s);
    }

    private Optional<Publication.Table> compared(EvaluatedLine line) {
        var ids = line.plan().compared();
        if (ids.size() < 2) {
            return Optional.empty();
        }
        var comparison = Comparison.of(ids.stream().map(material.catalogue()).toList());
        var figures = comparison.rows().stream()
                .filter(Comparison.Row::differs)
                .map(r -> new Publication.Row(r.field().label(), r.cells(), r.better()));
        return Optional.of(new Publication.Table(
                comparison.parts().stream().map(Part::fullName).toList(),
                Stream.concat(figures, reviews(comparison.parts()).stream()).toList(),
                material.texts().ofComparison().apply(line.id())));
    }

    private String review(Choice choice) {
        return choice.part()
                .flatMap(p -> material.reviews().apply(List.of(p.id())).stream().findFirst())
                .orElse("");
    }

    /** What reviewers give the parts of a table, where one of them is reviewed. */
    private Optional<Publication.Row> reviews(List<Part> compared) {
        var cells = material.reviews().apply(compared.stream().map(Part::id).toList());
        return cells.stream().allMatch(String::isEmpty)
                ? Optional.empty()
                : Optional.of(new Publication.Row("reviews", cells, List.of()));
    }
}
