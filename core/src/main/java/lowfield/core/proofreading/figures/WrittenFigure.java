package lowfield.core.proofreading.figures;

import java.math.BigDecimal;

/**
 * A figure as it stands in a text.
 *
 * @param least the smallest value that is written so, in the dimension's base unit
 * @param most the largest; above the smallest by what was rounded away, or by a range
 * @param noun what is counted, in small letters; empty where a unit says it
 */
public record WrittenFigure(
        int start, int end, String text, Dimension dimension, BigDecimal least, BigDecimal most, String noun) {
    public boolean holds(BigDecimal value) {
        return value.compareTo(least) >= 0 && value.compareTo(most) <= 0;
    }

    public BigDecimal middle() {
        return least.add(most).divide(BigDecimal.valueOf(2));
    }
}
