package lowfield.core.part;

import java.util.regex.Pattern;

/**
 * A trade item's number (GTIN), whichever of its lengths it is written in: 12 digits are the same number as those 12 behind
 * a zero. Spaces and dashes in it say nothing.
 *
 * @param digits without leading zeros; empty for a text that has no digit but zero
 */
public record Gtin(String digits) {
    /** How such a number is written on goods; and the same in words. */
    public static final String WRITTEN = "(?!0+$)[0-9]{8,14}";

    public static final String RULE = "8 to 14 digits, not all of them zero";

    private static final Pattern PATTERN = Pattern.compile(WRITTEN);

    public Gtin {
        digits = plain(digits);
    }

    /** Whether a text is such a number and nothing else. */
    public static boolean isOne(String written) {
        return PATTERN.matcher(written).matches();
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
