package lowfield.core.history;

import java.util.OptionalInt;
import lowfield.core.money.Money;

/**
 * How much something of the period weighs in the queue: money moved times the tiers it touches, in minor units. What leaves
 * a list unbuildable, a tier out of its band or a price in doubt weighs more than any move, in this order.
 */
public final class Weight {
    private static final long GONE = 100_000_000;
    private static final long OUT_OF_BAND = 50_000_000;
    private static final long SET_ASIDE = 20_000_000;
    private static final long TIER_IN_DOUBT = 10_000;
    /** A premium of this share in thousandths, or more, is worth a question. */
    private static final int HIGH_PREMIUM = 150;
    /** A premium costs at once what is above the suggested price, but is no news: a tenth of it counts. */
    private static final int PREMIUM_SHARE = 10;

    private Weight() {}

    /** A choice that has no price any more. */
    public static long gone(int tiers) {
        return GONE + tiers;
    }

    /** A build that is so much over or under its band. */
    public static long outOfBand(Money by) {
        return OUT_OF_BAND + by.minor();
    }

    /** Prices that wait for a person, and the tiers that they touch, each price by itself. */
    public static long setAside(int prices, int tiers) {
        return SET_ASIDE + (long) tiers * TIER_IN_DOUBT + prices;
    }

    /** A choice that costs more than its maker suggests. */
    public static long premium(Money now, Money suggested, int tiers) {
        return now.minus(suggested).minor() * tiers / PREMIUM_SHARE;
    }

    /** The premium in thousandths when it is worth a question; both sums in one currency. */
    public static OptionalInt highPremium(Money now, Money suggested) {
        var permille = Math.round(1000.0 * now.minus(suggested).minor() / suggested.minor());
        return permille >= HIGH_PREMIUM ? OptionalInt.of((int) permille) : OptionalInt.empty();
    }
}
