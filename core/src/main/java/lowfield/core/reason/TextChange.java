package lowfield.core.reason;

/**
 * What an edit of a text touched: all between the words that both texts begin and end with, and one word on either side, so
 * that a figure whose unit was changed counts as touched. Places are in letters.
 *
 * @param from where it begins, in both texts
 * @param oldTo where it ends in the text before, exclusive
 * @param newTo where it ends in the text after, exclusive
 * @param words how many words differ, of the text that has more of them there
 */
public record TextChange(int from, int oldTo, int newTo, int words) {
    /** So many words at once are written anew; fewer are a correction of what stands. */
    private static final int WRITTEN_ANEW = 3;

    public static TextChange between(String before, String after) {
        if (before.equals(after)) {
            return new TextChange(before.length(), before.length(), after.length(), 0);
        }
        int start = 0;
        while (start < Math.min(before.length(), after.length()) && before.charAt(start) == after.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < Math.min(before.length(), after.length()) - start
                && before.charAt(before.length() - 1 - end) == after.charAt(after.length() - 1 - end)) {
            end++;
        }
        var words = Math.max(words(before, start, before.length() - end), words(after, start, after.length() - end));
        var from = wordBefore(before, isInWord(before, after, start) ? beginning(before, start) : start);
        var oldEnd = before.length() - end;
        var isInWord = isInWord(reversed(before), reversed(after), end);
        var rest = before.length() - wordAfter(before, isInWord ? end(before, oldEnd) : oldEnd);
        return new TextChange(
                from, Math.max(from, before.length() - rest), Math.max(from, after.length() - rest), words);
    }

    /** Whether the texts part in the middle of a word. */
    private static boolean isInWord(String before, String after, int place) {
        return place > 0 && isLetter(before, place - 1) && (isLetter(before, place) || isLetter(after, place));
    }

    private static boolean isLetter(String text, int place) {
        return place < text.length() && !Character.isWhitespace(text.charAt(place));
    }

    private static String reversed(String text) {
        return new StringBuilder(text).reverse().toString();
    }

    /** Whether it says so much anew that the author has looked at what the text is about. */
    public boolean isWrittenAnew() {
        return words >= WRITTEN_ANEW;
    }

    /** Whether nothing of the text before is left beside it. */
    public boolean isWhole(String after) {
        return from == 0 && newTo == after.length();
    }

    /** Whether what begins at a place of the text before was touched. */
    public boolean touches(int start) {
        return start >= from && start < oldTo;
    }

    /** Where something that was not touched begins in the text after. */
    public int moved(int start) {
        return start < from ? start : start + newTo - oldTo;
    }

    /** The touched part of the text after. */
    public String of(String after) {
        return after.substring(from, newTo);
    }

    /** How many words, whole or in part, stand between two places. */
    private static int words(String text, int from, int to) {
        return text.substring(from, Math.max(from, to)).isBlank()
                ? 0
                : text.substring(from, to).strip().split("\\s+").length;
    }

    /** Where the word before a place begins. */
    private static int wordBefore(String text, int place) {
        int at = place;
        while (at > 0 && !isLetter(text, at - 1)) {
            at--;
        }
        return beginning(text, at);
    }

    /** Where the word that goes on at a place begins. */
    private static int beginning(String text, int place) {
        int at = place;
        while (at > 0 && isLetter(text, at - 1)) {
            at--;
        }
        return at;
    }

    /** Where the word after a place ends. */
    private static int wordAfter(String text, int place) {
        int at = place;
        while (at < text.length() && !isLetter(text, at)) {
            at++;
        }
        return end(text, at);
    }

    /** Where the word that goes on at a place ends. */
    private static int end(String text, int place) {
        int at = place;
        while (isLetter(text, at)) {
            at++;
        }
        return at;
    }
}
