package lowfield.core.change;

import java.util.Optional;
import lowfield.core.money.Money;

/** How one line moved since the last edition. A price is absent where it was or is not known. */
public record LineChange(How how, String before, Optional<Money> priceBefore, Optional<Money> priceNow) {
    /** What became of the choice. */
    public enum How {
        KEPT,
        SWITCHED,
        ADDED
    }

    /** {@code before} is what a published edition showed for the line; absent for a line that is new. */
    public static LineChange of(Optional<Published> before, String keyNow, Optional<Money> priceNow) {
        if (before.isEmpty()) {
            return new LineChange(How.ADDED, "", Optional.empty(), priceNow);
        }
        var was = before.get();
        var how = was.key().equals(keyNow) ? How.KEPT : How.SWITCHED;
        return new LineChange(how, was.name(), was.price(), priceNow);
    }

    /** What the last edition printed on a line: the choice's key, its name, its price for the quantity. */
    public record Published(String key, String name, Optional<Money> price) {}

    /** Now minus before; absent when either is. */
    public Optional<Money> difference() {
        return priceBefore.flatMap(b -> priceNow.map(n -> n.minus(b)));
    }
}
