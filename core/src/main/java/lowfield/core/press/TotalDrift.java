package lowfield.core.press;

import java.util.Optional;
import lowfield.core.money.Money;

/** How far a build's total may move between being looked at and being published (model 16). */
public final class TotalDrift {
    /** A fiftieth: 2%. */
    private static final long PARTS_OF_THE_TOTAL = 50;

    private TotalDrift() {}

    /**
     * Whether a total has moved by more than 2% of what was seen, either way; one that has become known, or is known no
     * longer, has.
     */
    public static boolean isTooFar(Optional<Money> seen, Optional<Money> now) {
        if (seen.isEmpty() || now.isEmpty()) {
            return seen.isPresent() != now.isPresent();
        }
        var moved = Math.abs(now.get().minor() - seen.get().minor());
        return !seen.get().currency().equals(now.get().currency())
                || PARTS_OF_THE_TOTAL * moved > seen.get().minor();
    }
}
