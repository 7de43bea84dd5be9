package lowfield.core.history;

import lowfield.core.money.Money;

/**
 * A choice whose price has moved since the last edition.
 *
 * @param key tells movers apart
 * @param tiers in how many tiers it is chosen, at least 1
 */
public record Moved(String key, String kind, Money before, Money now, int tiers) {
    /** Two per cent, in thousandths. */
    public static final int SMALL = 20;

    public Money difference() {
        return now.minus(before);
    }

    /** Money moved times the tiers it touches, in minor units. */
    public long weight() {
        return Math.abs(difference().minor()) * tiers;
    }

    /** By how much it moved, in thousandths of the price before. */
    public int permille() {
        return (int) Math.round(1000.0 * difference().minor() / before.minor());
    }

    /** Whether the move is under {@link #SMALL}; such moves are decided together. */
    public boolean isSmall() {
        return Math.abs(permille()) < SMALL;
    }

    /** The logarithm of the move. */
    double log() {
        return Math.log((double) now.minor() / before.minor());
    }
}
