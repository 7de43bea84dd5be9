package lowfield.core.edition;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Band;

/** A tier with its builds evaluated, the lead first. */
public record EvaluatedTier(UUID id, String name, Band band, List<EvaluatedBuild> builds) {
    public EvaluatedTier {
        builds = List.copyOf(builds);
    }

    /** What the tier is known by; absent for one without builds. */
    public EvaluatedBuild lead() {
        return builds.get(0);
    }

    /** "Mate" for the lead, "Mate, the other platform" for a variant. */
    public String nameOf(UUID build) {
        return builds.stream()
                .skip(1)
                .filter(b -> b.id().equals(build))
                .findFirst()
                .map(b -> name + ", " + b.name())
                .orElse(name);
    }
}
