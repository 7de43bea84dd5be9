package lowfield.core.press;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.ladder.LadderStep;
import lowfield.core.ladder.LadderWarning;
import lowfield.core.offer.Offer;
import lowfield.core.option.MoneyAdvice;
import lowfield.core.total.LinePrice;

/** Makes the one document of an edition; what a reader may be told is decided here and nowhere else. */
public final class PublicationMaker {
    private final PressMaterial material;
    private final BuildMaker builds;

    public PublicationMaker(PressMaterial material) {
        this.material = material;
        this.builds = new BuildMaker(material);
    }

    public Publication make(EvaluatedEdition edition) {
        return new Publication(
                Publication.FORMAT,
                material.guide(),
                material.number(),
                material.period(),
                material.now(),
                prices(edition),
                edition.tiers().stream().map(t -> tier(edition, t)).toList(),
                material.charts(),
                material.texts().ofEdition(),
                material.avoid());
    }

    private static Optional<Publication.Span> prices(EvaluatedEdition edition) {
        var seen = edition.builds()
                .map(EvaluatedBuild::lines)
                .flatMap(List::stream)
                .flatMap(l -> l.price().offer().stream())
                .map(Offer::seenAt)
                .sorted()
                .toList();
        return seen.isEmpty() ? Optional.empty() : Optional.of(span(seen));
    }

    private static Publication.Span span(List<Instant> inOrder) {
        return new Publication.Span(inOrder.get(0), inOrder.get(inOrder.size() - 1));
    }

    /** The step from the tier below; not told where a hidden price is in it. */
    private static String step(EvaluatedEdition edition, EvaluatedTier tier) {
        return LadderWarning.steps(edition).stream()
                .filter(s -> s.to() == tier)
                .filter(s -> Stream.of(s.from(), s.to()).noneMatch(t -> hides(t.lead())))
                .map(LadderStep::said)
                .findFirst()
                .orElse("");
    }

    /** Not told where the build has a hidden price, or an option would bring one. */
    private static List<PublishedAdvice> advice(EvaluatedBuild build) {
        var bringsHidden = build.lines().stream()
                .flatMap(l -> build.options(l.id()).stream())
                .anyMatch(o -> o.impact().price().isWithheld()
                        || o.impact().forced().stream().anyMatch(f -> f.price().isWithheld()));
        return bringsHidden
                ? List.of()
                : MoneyAdvice.of(build).stream()
                        .map(a -> new PublishedAdvice(
                                a.limit(),
                                a.changes().stream()
                                        .map(MoneyAdvice.Change::said)
                                        .toList(),
                                new Cell.Exact(a.difference()),
                                a.gains(),
                                a.losses()))
                        .toList();
    }

    private static boolean hides(EvaluatedBuild build) {
        return build.prices().stream().anyMatch(LinePrice::isWithheld);
    }

    private Publication.Tier tier(EvaluatedEdition edition, EvaluatedTier tier) {
        var text = material.tierTexts().get(tier.id());
        return new Publication.Tier(
                tier.id(),
                tier.name(),
                text.audience(),
                text.promise(),
                tier.band(),
                tier.lead().plan().terms().countsShipping(),
                text.showsBuilds() && tier.builds().size() > 1,
                tier.builds().stream().map(b -> builds.make(edition, tier, b)).toList(),
                material.texts().ofTier().apply(tier.id()),
                step(edition, tier),
                hides(tier.lead()) ? List.of() : advice(tier.lead()));
    }
}
