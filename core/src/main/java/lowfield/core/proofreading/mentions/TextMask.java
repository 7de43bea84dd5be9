package lowfield.core.proofreading.mentions;

import java.util.regex.Pattern;

/**
 * A text with everything blanked that states nothing of its own: facts, code, addresses, quotations, dates. Every character
 * keeps its place.
 */
public final class TextMask {
    private static final String MONTH =
            "(?:january|february|march|april|may|june|july|august|september|october|november|december)";
    private static final Pattern SILENT = Pattern.compile(
            "\\{\\{[^{}]*}}|`[^`\\n]*`|https?://\\S+|\\]\\([^)\\n]*\\)|(?m)^ {0,3}>.*$|\"[^\"\\n]{12,400}\"|“[^”\\n]{12,400}”"
                    + "|\\d{4}-\\d{2}-\\d{2}|(?i:\\d{1,2}(?:st|nd|rd|th)? " + MONTH + "(?: \\d{4})?|" + MONTH
                    + " \\d{1,2}(?:st|nd|rd|th)?(?:,? \\d{4})?)",
            Pattern.MULTILINE);

    private TextMask() {}

    public static String of(String text) {
        return SILENT.matcher(text).replaceAll(m -> " ".repeat(m.end() - m.start()));
    }

    /** The same with names blanked, since they can hold numbers and number words. */
    public static String without(String text, Iterable<Mention> names) {
        var masked = new StringBuilder(text);
        for (var mention : names) {
            if (mention.sort() == Mention.Sort.NAME) {
                for (int i = mention.start(); i < mention.end(); i++) {
                    masked.setCharAt(i, '\u2022');
                }
            }
        }
        return masked.toString();
    }
}
