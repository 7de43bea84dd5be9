package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.GivenAnswers;
import lowfield.core.total.Adjustment;
import lowfield.core.total.Counting;
import lowfield.core.total.PackagePrices;

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
        List<Adjustment> adjustments,
        PackagePrices packages,
        GivenAnswers answers,
        Optional<PublishedBuild> last) {
    public BuildPlan {
        lines = List.copyOf(lines);
        adjustments = List.copyOf(adjustments);
    }

    /** One without adjustments and packages. */
    public BuildPlan(
            UUID id,
            String name,
            List<LinePlan> lines,
            TierTerms terms,
            GivenAnswers answers,
            Optional<PublishedBuild> last) {
        this(id, name, lines, terms, List.of(), PackagePrices.NONE, answers, last);
    }

    /** The same with other lines. */
    BuildPlan with(List<LinePlan> others) {
        return new BuildPlan(id, name, others, terms, adjustments, packages, answers, last);
    }

    /** How it is counted. */
    public Counting counting() {
        return terms.counting(adjustments);
    }
}
