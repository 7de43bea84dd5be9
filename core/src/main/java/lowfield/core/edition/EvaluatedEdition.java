package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.guide.Following;

/** An edition at one moment: every tier and build with prices, totals, findings and what changed. */
public record EvaluatedEdition(List<EvaluatedTier> tiers) {
    public EvaluatedEdition {
        tiers = List.copyOf(tiers);
    }

    /** Where in the edition a line is. */
    public record Place(EvaluatedTier tier, EvaluatedBuild build, EvaluatedLine line) {
        /** "Mate, the other platform". */
        public String name() {
            return tier.nameOf(build.id());
        }
    }

    public Stream<EvaluatedBuild> builds() {
        return tiers.stream().flatMap(t -> t.builds().stream());
    }

    /** Every line with where it is, in the edition's order. */
    public Stream<Place> places() {
        return tiers.stream()
                .flatMap(t ->
                        t.builds().stream().flatMap(b -> b.lines().stream().map(l -> new Place(t, b, l))));
    }

    public Optional<EvaluatedTier> tierOf(UUID build) {
        return tiers.stream()
                .filter(t -> t.builds().stream().anyMatch(b -> b.id().equals(build)))
                .findFirst();
    }

    public Optional<EvaluatedBuild> build(UUID id) {
        return builds().filter(b -> b.id().equals(id)).findFirst();
    }

    public Optional<Place> place(UUID line) {
        return places().filter(p -> p.line().id().equals(line)).findFirst();
    }

    /** Which lines follow which. */
    public Following following() {
        return new Following(places().map(Place::line)
                .filter(l -> !l.plan().isOwn())
                .collect(Collectors.toMap(
                        EvaluatedLine::id, l -> l.plan().follows().orElseThrow())));
    }
}
