package lowfield.core.press;

import lowfield.core.money.Money;

/**
 * A sum as it may stand in a published edition (rules 2): exact, unless a price within it is of a shop that lets none
 * stand; then to the nearest ten units, so that the price cannot be worked out from it.
 */
public record PublicSum(Money exact, boolean holdsWithheld) {
    public Money told() {
        return holdsWithheld ? exact.toTens() : exact;
    }
}
