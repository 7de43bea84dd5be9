package lowfield.core.proofreading.sources;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.PublishedBuild;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.TierSums;

/**
 * What a text beyond the line is held against: the parts that it names, at the prices of the builds that it is about, or of any
 * build of the edition. A figure that is about nothing named is let stand.
 */
public final class TextProof {
    private TextProof() {}

    /** @param builds those that the text is about, the nearest first */
    public static ProofContext of(
            EvaluatedEdition edition, List<EvaluatedBuild> builds, String text, LineProof.Ground ground) {
        var parts = new ProofContext.Parts();
        ground.names().in(text).forEach(p -> parts.add(Subject.Role.NAMED, p, price(edition, builds, p)));
        Stream.concat(builds.stream(), edition.tiers().stream().map(EvaluatedTier::lead))
                .flatMap(b -> b.lines().stream())
                .forEach(l -> l.choice()
                        .part()
                        .ifPresent(p -> parts.add(
                                Subject.Role.ELSEWHERE,
                                p,
                                l.price().isWithheld()
                                        ? Optional.empty()
                                        : l.price().ownGoods())));
        return new ProofContext(
                ground.locale(),
                ground.currency(),
                parts.all(),
                List.of(),
                List.of(),
                ground.names(),
                sums(edition, builds));
    }

    /** Those of the builds that the text is about, and of every main build that it may name. */
    private static List<TierSums> sums(EvaluatedEdition edition, List<EvaluatedBuild> builds) {
        return Stream.concat(
                        builds.stream().limit(1),
                        edition.tiers().stream()
                                .map(EvaluatedTier::lead)
                                .filter(l -> builds.stream().limit(1).noneMatch(b -> b == l)))
                .map(b -> sums(edition, b, builds.contains(b)))
                .toList();
    }

    private static TierSums sums(EvaluatedEdition edition, EvaluatedBuild build, boolean isOwn) {
        var tier = edition.tierOf(build.id()).orElseThrow();
        var isHidden = build.lines().stream().anyMatch(l -> l.price().isWithheld());
        return new TierSums(
                tier.nameOf(build.id()),
                isHidden ? Optional.empty() : build.total().total().known(),
                build.plan().last().flatMap(PublishedBuild::total),
                band(tier.band()),
                build.peak().watts().value(),
                isOwn);
    }

    private static List<Money> band(Band band) {
        var middle = band instanceof Band.Point point ? Stream.of(point.point()) : Stream.<Money>empty();
        return Stream.of(band.low().stream(), middle, band.high().stream())
                .flatMap(ends -> ends)
                .toList();
    }

    private static Optional<Money> price(EvaluatedEdition edition, List<EvaluatedBuild> builds, Part part) {
        return Stream.concat(builds.stream(), edition.builds())
                .flatMap(b -> b.lines().stream())
                .filter(l ->
                        l.choice().part().filter(p -> p.id().equals(part.id())).isPresent())
                .filter(l -> !l.price().isWithheld())
                .flatMap(l -> l.price().ownGoods().stream())
                .findFirst();
    }
}
