package lowfield.core.proofreading.clues;

import java.util.List;
import java.util.Optional;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.Subject;

/**
 * A figure of the data that a text may mean.
 *
 * @param owner whose it is, where that is another than the choice
 * @param clues what is seen around that tells whether it is meant
 * @param elsewhere where other figures of the text say it as it is, as clues, too
 */
public record Candidate(KnownFigure figure, Optional<Subject> owner, List<String> clues, List<String> elsewhere) {
    /** Before the other figures of the text are looked at. */
    static Candidate alone(KnownFigure figure, Optional<Subject> owner, List<String> clues) {
        return new Candidate(figure, owner, List.copyOf(clues), List.of());
    }

    Candidate said(List<String> elsewhere) {
        return new Candidate(figure, owner, clues, List.copyOf(elsewhere));
    }

    /** Whether it was so in the last edition, and may be otherwise now. */
    public boolean isPast() {
        return figure.use() == KnownFigure.Use.BEFORE;
    }

    /** What tells it from every other candidate of a text. */
    public String thing() {
        return figure.use() + " " + about();
    }

    /** What it is and whose, in words that tell it from every other: "price of Hartle Basalt Five". */
    public String about() {
        var when = isPast() ? " in the last edition" : "";
        return figure.label() + owner.map(o -> " of " + o.name()).orElse("") + when;
    }
}
