package lowfield.core;

/** What can be kept as a text at all: anything without the character NUL, which no database keeps. */
public final class Text {
    /** The rule, to stand behind "must be" or "has". */
    public static final String RULE = "only characters that are text (no NUL)";

    private Text() {}

    public static boolean isOne(String text) {
        return text.indexOf('\0') < 0;
    }
}
