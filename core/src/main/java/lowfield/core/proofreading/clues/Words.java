package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The words around a figure in small letters, with stops; every name is one sign, and so is every number.
 *
 * @param before its phrase up to it
 * @param after what stands behind it
 * @param clause its clause up to it
 * @param around its sentence, as far as that is near, each word once
 */
record Words(List<String> before, List<String> after, List<String> clause, List<String> around) {
    /** How many letters of a sentence are near. */
    private static final int NEAR = 240;

    private static final int FEW = 80;
    private static final Pattern WORD = Pattern.compile("[\\p{L}'’]+|•+|\\d[\\d.,]*|[,;:.()]");

    static Words of(Passage passage) {
        var before = passage.sentenceBefore();
        var after = passage.after();
        var near = before.substring(Math.max(0, before.length() - NEAR)) + " "
                + after.substring(0, Math.min(after.length(), NEAR));
        return new Words(
                in(last(passage.phraseBefore())),
                in(after.substring(0, Math.min(after.length(), FEW))),
                in(last(passage.before())),
                in(near).stream().distinct().toList());
    }

    private static String last(String text) {
        return text.substring(Math.max(0, text.length() - NEAR));
    }

    private static List<String> in(String text) {
        var all = new ArrayList<String>();
        for (var found = WORD.matcher(text); found.find(); ) {
            var word = found.group();
            all.add(word.charAt(0) == '•' ? "•" : Character.isDigit(word.charAt(0)) ? "#" : word);
        }
        return List.copyOf(all);
    }

    /** The word that stands this far before the figure in its phrase; the nearest is 1. */
    String before(int back) {
        return back > before.size() ? "^" : before.get(before.size() - back);
    }

    String next() {
        return after.isEmpty() ? "$" : after.get(0);
    }

    String firstOfClause() {
        return clause.isEmpty() ? "^" : clause.get(0);
    }

    List<String> after(int many) {
        return after.subList(0, Math.min(many, after.size()));
    }
}
