package lowfield.core.history;

import lowfield.core.money.Money;

/**
 * A choice whose price has moved since the last edition.
 *
 * @param key tells movers apart
 * @param tiers in how many tiers it is chosen, at least 1
 */
public record Moved(String key, String kind, Money before, Money now, int tiers) {
    public Money difference() {
        return now.minus(before);
    }

    /** Money moved times the tiers it touches, in minor units. */
    public long weight() {
        return Math.abs(difference().minor()) * tiers;
    }

    /** The logarithm of the move. */
    double log() {
        return Math.log((double) now.minor() / before.minor());
    }
}
