package lowfield.server.editing;

import java.util.regex.Pattern;

/** An edit that puts facts where figures were typed: a step of its own in the history, which undo takes back alone. */
final class FactSwap {
    private static final Pattern FACT = Pattern.compile("\\{\\{[^{}]*}}");

    private FactSwap() {}

    /** Whether facts came in and digits went out; while typing only one of the two happens. */
    static boolean isOne(String before, String after) {
        return facts(after) > facts(before) && digits(after) < digits(before);
    }

    private static long facts(String text) {
        return FACT.matcher(text).results().count();
    }

    private static long digits(String text) {
        return FACT.matcher(text)
                .replaceAll("")
                .chars()
                .filter(Character::isDigit)
                .count();
    }
}
