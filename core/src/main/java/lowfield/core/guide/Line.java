package lowfield.core.guide;

import java.util.UUID;
import lowfield.core.RuleBroken;

/** One line of a build: what fills a slot, how many, and whether it counts in the total. */
public record Line(UUID id, Slot slot, Choice choice, int quantity, boolean counted) {
    public static final int MOST = 20;

    public Line {
        RuleBroken.unless(quantity >= 1 && quantity <= MOST, "A quantity is 1 to %d, not %d.", MOST, quantity);
    }

    public Line with(Choice other) {
        return new Line(id, slot, other, quantity, counted);
    }

    public boolean isEmpty() {
        return choice instanceof Choice.Empty;
    }
}
