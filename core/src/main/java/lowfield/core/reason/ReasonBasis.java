package lowfield.core.reason;

import java.util.ArrayList;
import java.util.List;

/**
 * What a reason relied on when it was written or confirmed. When that no longer holds, the reason is stale.
 *
 * @param claims what it said of the data, and how that stood
 * @param meant figures that are meant as they are written, whatever the data says, by the key of their slip
 */
public record ReasonBasis(List<Claim> claims, List<String> meant) {
    /**
     * One thing that it relied on.
     *
     * @param key what it is about, as stored: a figure by its place, a comparison by the other part
     * @param about the same in words: "price against the Mica Six"
     * @param value how it stood, as stored
     * @param said the same in words
     */
    public record Claim(String key, String about, String value, String said) {
        /** The price of the choice, which may move without making the reason stale. */
        public static final String OWN_PRICE = "price";

        /** How a figure stood that was written rightly. */
        public static final String HELD = "held";

        public boolean isFigure() {
            return value.equals(HELD);
        }

        public boolean isOwnPrice() {
            return key.equals(OWN_PRICE);
        }
    }

    public ReasonBasis {
        claims = List.copyOf(claims);
        meant = List.copyOf(meant);
    }

    public static ReasonBasis none() {
        return new ReasonBasis(List.of(), List.of());
    }

    /** The same with other claims, as when the reason is confirmed. */
    public ReasonBasis with(List<Claim> now) {
        return new ReasonBasis(now, meant);
    }

    /** With one more figure that is meant as it stands. */
    public ReasonBasis meaning(String key) {
        if (meant.contains(key)) {
            return this;
        }
        var all = new ArrayList<>(meant);
        all.add(key);
        return new ReasonBasis(claims, all);
    }
}
