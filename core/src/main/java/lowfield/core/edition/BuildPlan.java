package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.GivenAnswers;

/**
 * A build as the author left it, with the terms of its tier.
 *
 * @param lines in the author's order, each with what it takes from the line it follows
 * @param last the same build in the last published edition; absent for a new one
 */
public record BuildPlan(
        UUID id,
        String name,
        List<LinePlan> lines,
        TierTerms terms,
        GivenAnswers answers,
        Optional<PublishedBuild> last) {
    public BuildPlan {
        lines = List.copyOf(lines);
    }
}
