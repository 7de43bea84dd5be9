package lowfield.core;

import java.util.List;

/** Texts: what can be kept as one, which is anything without the character NUL, and labels and lists within sentences. */
public final class Text {
    /** The rule, to stand behind "must be" or "has". */
    public static final String RULE = "only characters that are text (no NUL)";

    private Text() {}

    public static boolean isOne(String text) {
        return text.indexOf('\0') < 0;
    }

    /** A label within a sentence: "graphics card", but "CPU cooler" and "Wi-Fi adapter", which begin with a name. */
    public static String inSentence(String label) {
        var first = label.split(" ", 2)[0];
        var isName = first.chars().skip(1).anyMatch(Character::isUpperCase);
        return isName || label.isEmpty() ? label : Character.toLowerCase(label.charAt(0)) + label.substring(1);
    }

    /** "A", "A or B", "A, B or C", with the word between the last two; empty for none. */
    public static String listed(List<String> names, String word) {
        var last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " " + word + " " + names.get(last);
    }
}
