package lowfield.core.proofreading;

import java.util.Locale;
import java.util.Optional;

/**
 * What a text says otherwise than the data.
 *
 * @param start its first character in the text
 * @param end behind its last
 * @param about what the data was asked for, like "board power"; empty where it has no name
 * @param right what the data says in its place; absent where it says nothing that would fit
 * @param fact the path of the fact that says it
 * @param sentence what is wrong, for the author
 * @param isSure whether nothing else can be meant; what is not sure holds no edition up
 */
public record Slip(
        int start,
        int end,
        String written,
        String about,
        Optional<String> right,
        Optional<String> fact,
        String sentence,
        boolean isSure) {
    /** What stands in a key between the words and what they were held against. */
    private static final String BEHIND = " | ";

    /** With the words as the author wrote them, names and all. */
    public Slip in(String text) {
        return new Slip(start, end, text.substring(start, end), about, right, fact, sentence, isSure);
    }

    /** Whether the words that a key binds still stand in a text. */
    public static boolean stands(String key, String text) {
        return plain(text).contains(key.substring(0, Math.max(0, key.lastIndexOf(BEHIND))));
    }

    private static String plain(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
    }

    /** "16 GB where the data says 12 GB". */
    public String said() {
        return right.map(r -> written + (isSure ? " where the data says " : ", perhaps for ") + r)
                .orElse(written + ", which the data does not");
    }

    /** As it is stored where the author says "meant so": it binds these words to what they were held against. */
    public String key() {
        return plain(written) + BEHIND + about;
    }
}
