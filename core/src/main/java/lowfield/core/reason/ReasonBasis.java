package lowfield.core.reason;

import java.util.ArrayList;
import java.util.LinkedHashMap;
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

        private static final String FIGURE = "figure ";

        /** How a figure is told from the others of its text: by where it begins, in letters. */
        public static String keyOfFigure(int start) {
            return FIGURE + start;
        }

        private int start() {
            return Integer.parseInt(key.substring(FIGURE.length()));
        }

        private Claim at(int start) {
            return new Claim(keyOfFigure(start), about, value, said);
        }

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

    /**
     * After an edit of the text: what was touched stands as it does now, all else as it was confirmed.
     *
     * @param now what the text after the edit relies on
     * @param read what the touched words alone rely on
     */
    public ReasonBasis edited(TextChange change, List<Claim> now, List<Claim> read) {
        var kept = new LinkedHashMap<String, Claim>();
        for (var claim : claims) {
            if (claim.isFigure()) {
                if (!change.touches(claim.start())) {
                    var moved = claim.at(change.moved(claim.start()));
                    kept.put(moved.key(), moved);
                }
            } else if (has(now, claim.key()) && (claim.isOwnPrice() || !has(read, claim.key()))) {
                kept.put(claim.key(), claim);
            }
        }
        now.forEach(claim -> kept.putIfAbsent(claim.key(), claim));
        return new ReasonBasis(List.copyOf(kept.values()), meant);
    }

    private static boolean has(List<Claim> among, String key) {
        return among.stream().anyMatch(c -> c.key().equals(key));
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
