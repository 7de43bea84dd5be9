package lowfield.core.attention;

import java.util.Optional;

/**
 * What can be the matter, in the order of what it costs to leave it. The one table of weights: each matter starts at its own
 * and is moved within its step by money, prices and tiers touched, so that no matter outweighs one above it. The names are
 * stored and sent; they stay.
 */
public enum Matter {
    /** A choice has no price. */
    NO_PRICE(10, PublishCheck.PRICES),
    /** A slot that the build needs is empty. */
    EMPTY_SLOT(9, PublishCheck.SLOTS),
    /** Parts do not go together. */
    CLASH(9, PublishCheck.CLASHES),
    /** Discounts take off more than the parts are known to cost. */
    DISCOUNT_TOO_LARGE(9, PublishCheck.BAND),
    /** The counted total is over the band. */
    OVER_BAND(8, PublishCheck.BAND),
    /** The counted total is under the band. */
    UNDER_BAND(8, PublishCheck.BAND),
    /** The total is an estimate that may leave the band. */
    MAY_LEAVE_BAND(8, PublishCheck.BAND),
    /** The reason was written for another choice, or what it relied on is no longer so. */
    STALE_REASON(7, PublishCheck.REASONS),
    /** A text was carried over and speaks of the period it was written in. */
    UNREAD_TEXT(7, PublishCheck.REASONS),
    /** The reason asks for a fact that is none, that nobody knows, or that may not be printed. */
    FACT(6, PublishCheck.REASONS),
    /** The reason says otherwise than the data. */
    SLIP(6, PublishCheck.REASONS),
    /** Nothing is written. */
    NO_REASON(6, PublishCheck.REASONS),
    /** A caution is not answered. */
    CAUTION(5, PublishCheck.CAUTIONS),
    /** A figure is missing that decides whether parts go together. */
    FIGURE(4, PublishCheck.FIGURES),
    /** A price was seen too long ago to publish it. */
    OLD_PRICE(3, PublishCheck.PRICES),
    /** An alternative or upgrade has no price. */
    OPTION_WITHOUT_PRICE(3, PublishCheck.OPTIONS),
    /** An alternative or upgrade clashes, is the choice itself, or is no longer what it is offered for. */
    OPTION_PASSED(3, PublishCheck.OPTIONS),
    /** A price that a shop shows is in doubt. */
    SUSPICIOUS_PRICE(2),
    /** So many prices of a shop are in doubt that the shop is. */
    SUSPICIOUS_SHOP(2),
    /** A published list can no longer be bought for what its tier is called. */
    LEFT_BAND(1),
    /** The total is not known; what makes it so is an item of its own. */
    TOTAL_NOT_KNOWN(1, PublishCheck.BAND),
    /** A whole kind has moved. */
    KIND_MOVED(0),
    /** A choice's price has moved since the last edition. */
    MOVED(0),
    /** The price moved much since the reason was confirmed. */
    READ_AGAIN(0),
    /** The reason has a figure that may be another's. */
    MAYBE_SLIP(0),
    /** A choice costs far more than its maker suggests. */
    PREMIUM(0),
    /** Moves too small to be asked about one by one. */
    SMALL_MOVES(0),
    /** A figure is missing that would only advise. */
    ADVISORY(0);

    /** Larger than any sum that moves a weight within its step: a hundred million minor units. */
    static final long STEP = 10_000_000_000L;

    private final long base;
    private final Optional<PublishCheck> check;

    Matter(int step, PublishCheck check) {
        this(step, Optional.of(check));
    }

    Matter(int step) {
        this(step, Optional.empty());
    }

    Matter(int step, Optional<PublishCheck> check) {
        this.base = step * STEP;
        this.check = check;
    }

    /** The check before publishing that it fails; absent where it holds nothing up. */
    public Optional<PublishCheck> check() {
        return check;
    }

    /** The weight with so much within its step. */
    long weighing(long within) {
        return base + Math.max(0, Math.min(STEP - 1, within));
    }
}
