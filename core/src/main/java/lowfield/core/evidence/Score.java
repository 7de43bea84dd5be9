package lowfield.core.evidence;

import lowfield.core.RuleBroken;

/**
 * What reviewers give a part.
 *
 * @param hundredths the score in hundredths of a point, from nothing to the best
 * @param outOf the best score in points, 1 to 100
 * @param count how many reviews it is the mean of, 1 to 1,000,000
 */
public record Score(int hundredths, int outOf, int count) {
    private static final int MOST_POINTS = 100;
    private static final int MOST_REVIEWS = 1_000_000;

    public Score {
        RuleBroken.unless(outOf >= 1 && outOf <= MOST_POINTS, "A review's best score is 1 to %d points.", MOST_POINTS);
        RuleBroken.unless(hundredths >= 0 && hundredths <= outOf * 100, "A score is from 0 to %d.", outOf);
        RuleBroken.unless(count >= 1 && count <= MOST_REVIEWS, "A score is of 1 to %,d reviews.", MOST_REVIEWS);
    }

    /** The share of the best score, 0 to 1. */
    double share() {
        return hundredths / (outOf * 100.0);
    }
}
