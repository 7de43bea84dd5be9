package lowfield.core.fact;

import java.util.Optional;
import lowfield.core.money.Money;

/**
 * How much more one sum is than another; below zero where it is less, absent where one of them is not known, for the reason
 * that is given.
 */
record Difference(Optional<Money> sum, boolean isHidden, String why) {
    /** By how much it is more; not known while it is not. */
    FactValue more() {
        return told(1, "it is not more");
    }

    /** By how much it is less; not known while it is not. */
    FactValue less() {
        return told(-1, "it is not less");
    }

    private FactValue told(int sign, String otherwise) {
        if (isHidden) {
            return new FactValue.Withheld();
        }
        return sum.<FactValue>map(s -> Long.signum(s.minor()) == sign
                        ? new FactValue.Sum(s.times(sign))
                        : new FactValue.NotKnown(otherwise))
                .orElseGet(() -> new FactValue.NotKnown(why));
    }
}
