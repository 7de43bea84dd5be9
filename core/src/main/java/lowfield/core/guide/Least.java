package lowfield.core.guide;

import java.util.Optional;
import lowfield.core.RuleBroken;

/**
 * What a tier asks for at least; absent where it does not ask.
 *
 * @param cardMemory memory of the graphics card, in GB
 * @param storage the capacity of all drives together, in GB
 * @param endurance what may be written to the system drive over its life, in TB
 */
public record Least(Optional<Integer> cardMemory, Optional<Integer> storage, Optional<Integer> endurance) {
    /** Nothing is asked for. */
    public static final Least NONE = new Least(Optional.empty(), Optional.empty(), Optional.empty());

    public Least {
        inRange("card memory", "GB", 1_000, cardMemory);
        inRange("storage", "GB", 1_000_000, storage);
        inRange("endurance", "TB", 1_000_000, endurance);
    }

    private static void inRange(String what, String unit, int most, Optional<Integer> asked) {
        asked.ifPresent(value -> RuleBroken.unless(
                value >= 1 && value <= most, "The least %s is 1 to %,d %s, not %d.", what, most, unit, value));
    }
}
