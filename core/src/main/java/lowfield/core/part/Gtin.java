package lowfield.core.part;

/**
 * A trade item's number (GTIN), whichever of its lengths it is written in: 12 digits are the same number as those 12 behind
 * a zero. Spaces and dashes in it say nothing.
 *
 * @param digits without leading zeros; empty for a text that has no digit but zero
 */
public record Gtin(String digits) {
    public Gtin {
        digits = plain(digits);
    }

    private static String plain(String written) {
        var plain = new StringBuilder(written.length());
        for (int i = 0; i < written.length(); i++) {
            var c = written.charAt(i);
            if (c >= '0' && c <= '9' && (c != '0' || !plain.isEmpty())) {
                plain.append(c);
            }
        }
        return plain.toString();
    }
}
