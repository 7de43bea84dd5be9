package lowfield.core.proofreading;

import java.math.BigDecimal;
import java.util.Optional;
import lowfield.core.proofreading.figures.Dimension;

/**
 * A figure that the data holds.
 *
 * @param value in the dimension's base unit
 * @param label what it is, like "board power"
 * @param said as a reader would read it, with its unit
 * @param fact the path of the fact that says it; absent where there is none
 */
public record KnownFigure(
        Dimension dimension, BigDecimal value, String label, String said, Use use, Optional<String> fact) {
    /** For what a figure is meant. */
    public enum Use {
        /** What the part has, or costs today. */
        OWN,
        /** What it was in the last edition. */
        BEFORE,
        /** By how much one thing is more or less than another. */
        DIFFERENCE,
        /** Of the whole build. */
        BUILD
    }
}
