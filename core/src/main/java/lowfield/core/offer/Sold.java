package lowfield.core.offer;

import java.util.Optional;

/**
 * How a part is sold: its condition, and whether the boxed cooler comes with it; absent where the seller says nothing of
 * it. A used CPU comes without, unless the offer says that it comes with it (rules 4, "Cooling").
 */
public record Sold(Condition condition, Optional<Boolean> boxedCooler) {
    public static final Sold NEW = of(Condition.NEW);

    /** Sold so, with nothing said of a cooler. */
    public static Sold of(Condition condition) {
        return new Sold(condition, Optional.empty());
    }

    /** Whether a cooler that its maker puts in the box arrives with it. */
    public boolean bringsBoxedCooler() {
        return boxedCooler.orElse(!condition.isUsed());
    }
}
