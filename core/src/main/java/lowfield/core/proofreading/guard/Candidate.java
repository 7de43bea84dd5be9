package lowfield.core.proofreading.guard;

import java.util.Optional;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.Subject;

/**
 * A figure of the data that a text may mean.
 *
 * @param owner whose it is, where that is another than the choice
 * @param who how much the text speaks of what it is about
 * @param weight how much in the text speaks for it in all; below zero, against it
 */
record Candidate(KnownFigure figure, Optional<Subject> owner, double who, double weight) {
    private static final double SPOKEN_OF = 1.5;
    private static final double HINTED_AT = 1;

    /** Whether the text speaks of what it is about: nobody is told that a figure should be another's that is not even named. */
    boolean isSpokenOf() {
        return isSpokenOf(who);
    }

    static boolean isSpokenOf(double who) {
        return who >= SPOKEN_OF;
    }

    /** Whether what it is about may be meant. */
    boolean isHintedAt() {
        return who >= HINTED_AT;
    }

    boolean isDifference() {
        return figure.use() == KnownFigure.Use.DIFFERENCE;
    }
}
