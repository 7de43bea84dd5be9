package lowfield.core.check;

import lowfield.core.guide.Line;
import lowfield.core.part.Figure;

/** What a check may see of a line: a figure of its part, or a fact of the line itself. */
public sealed interface Input<T> permits FigureRef, LineFact {
    /** Stable, for fingerprints. */
    String key();

    /** As a person calls it: "length". */
    String name();

    /** Its value on a line. */
    Figure<T> of(Line line);
}
