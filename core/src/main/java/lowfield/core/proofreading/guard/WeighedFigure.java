package lowfield.core.proofreading.guard;

import java.util.Optional;
import lowfield.core.proofreading.clues.Candidate;
import lowfield.core.proofreading.figures.WrittenFigure;

/**
 * What is held of a figure.
 *
 * @param alone what it means as if it were the only one of the text
 * @param beside what it means beside the others
 */
record WeighedFigure(Meanings alone, Meanings beside) {
    /** How probable a slip must be to be marked, and a right figure to be held. */
    private static final double MARKED = 0.5;

    /** How probable a slip must be to be sure. */
    private static final double SURE = 0.85;

    /** How probable it must be alone to be marked whatever the others say: some texts do say a thing twice. */
    private static final double MARKED_ALONE = 0.95;

    WrittenFigure figure() {
        return alone.figure();
    }

    /** What is most probably meant and is otherwise than it is written; absent where the figure is let stand. */
    Optional<Candidate> otherwise() {
        return beside.slip() >= MARKED
                ? beside.likeliestOtherwise()
                : Optional.of(alone).filter(a -> a.slip() >= MARKED_ALONE).flatMap(Meanings::likeliestOtherwise);
    }

    boolean isSure() {
        return beside.slip() >= SURE;
    }

    /** What is meant and is so; absent where that is not known. */
    Optional<Candidate> right() {
        return otherwise().isEmpty() && beside.right() >= MARKED ? beside.likeliestRight() : Optional.empty();
    }
}
