package lowfield.core.find;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Forgiving text over the parts of a shelf. Every word asked for must be found in a part, in any order: as the beginning of
 * one of its words, else inside one, else with a letter or two wrong, missing or swapped (optimal string alignment,
 * Damerau 1964), else with its letters in order and some left out. "16gb" and "16 GB" are the same, and nothing else is: a
 * number with its unit is found only as that.
 */
final class TextIndex {
    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Set<String> UNITS =
            Set.of("tb", "gb", "mb", "mm", "cm", "w", "mhz", "ghz", "mt", "hz", "db", "rpm");

    /** A word of the shelf, the letters that are in it, and the rows that hold it. */
    private record Known(String word, long letters, int[] rows) {
        boolean isFigure() {
            return word.indexOf(' ') > 0;
        }
    }

    private final int size;
    private final List<Known> known;

    TextIndex(List<String> texts) {
        size = texts.size();
        var lists = new HashMap<String, List<Integer>>();
        for (int row = 0; row < size; row++) {
            var words = words(texts.get(row));
            for (var word : words) {
                lists.computeIfAbsent(word, w -> new ArrayList<>(1)).add(row);
            }
            for (var figure : figures(words)) {
                lists.computeIfAbsent(figure, w -> new ArrayList<>(1)).add(row);
            }
        }
        known = lists.entrySet().stream()
                .map(e -> new Known(
                        e.getKey(),
                        letters(e.getKey()),
                        e.getValue().stream().mapToInt(r -> r).distinct().toArray()))
                .toList();
    }

    /** The rows in which every word of the text is found; an empty text is found everywhere. */
    BitSet find(String text) {
        var found = new BitSet(size);
        found.set(0, size);
        var words = words(text);
        var figures = figures(words);
        for (int i = 0; i < words.size(); i++) {
            var isFigure = isFigure(words, i) || i > 0 && isFigure(words, i - 1);
            if (!isFigure) {
                found.and(rows(words.get(i)));
            }
        }
        figures.forEach(figure -> found.and(exactly(figure)));
        return found;
    }

    private BitSet exactly(String word) {
        var rows = new BitSet(size);
        known.stream()
                .filter(k -> k.word().equals(word))
                .forEach(k -> Arrays.stream(k.rows()).forEach(rows::set));
        return rows;
    }

    /** The numbers that a unit follows, with it: "16 gb". */
    private static List<String> figures(List<String> words) {
        return IntStream.range(0, words.size())
                .filter(i -> isFigure(words, i))
                .mapToObj(i -> words.get(i) + " " + words.get(i + 1))
                .toList();
    }

    private static boolean isFigure(List<String> words, int at) {
        return at + 1 < words.size() && isDigit(words.get(at).charAt(0)) && UNITS.contains(words.get(at + 1));
    }

    private BitSet rows(String word) {
        var rows = new BitSet(size);
        var letters = letters(word);
        for (Likeness likeness : LIKENESSES) {
            for (var each : known) {
                // Letters that the other word has not are errors, each of them. A figure is found only as a whole.
                if (!each.isFigure()
                        && Long.bitCount(letters & ~each.letters()) <= likeness.errors()
                        && likeness.same().test(word, each.word())) {
                    for (var row : each.rows()) {
                        rows.set(row);
                    }
                }
            }
            if (!rows.isEmpty()) {
                return rows;
            }
        }
        return rows;
    }

    /** A way in which two words are taken for the same, and how many letters may be missing in the known one for it. */
    private record Likeness(int errors, BiPredicate<String, String> same) {}

    private static final List<Likeness> LIKENESSES = List.of(
            new Likeness(0, (asked, known) -> known.startsWith(asked)),
            new Likeness(0, (asked, known) -> asked.length() >= 3 && known.contains(asked)),
            new Likeness(2, (asked, known) -> asked.length() >= 4 && isNear(asked, known)),
            new Likeness(
                    0,
                    (asked, known) ->
                            asked.length() >= 3 && known.charAt(0) == asked.charAt(0) && isThinned(asked, known)));

    /** One bit for each letter and figure that occurs. */
    private static long letters(String word) {
        var letters = 0L;
        for (int i = 0; i < word.length(); i++) {
            var c = word.charAt(i);
            letters |= c == ' ' ? 0 : 1L << (isDigit(c) ? c - '0' : 10 + c - 'a');
        }
        return letters;
    }

    /** Folded, with letters and figures apart: "16GB" is "16" and "gb". */
    static List<String> words(String text) {
        var bare = text.chars().allMatch(c -> c < 128)
                ? text
                : MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("");
        var words = new ArrayList<String>();
        var word = new StringBuilder();
        for (int i = 0; i < bare.length(); i++) {
            var c = Character.toLowerCase(bare.charAt(i));
            var isWord = c >= 'a' && c <= 'z' || c >= '0' && c <= '9';
            if (word.length() > 0 && (!isWord || isDigit(word.charAt(0)) != isDigit(c))) {
                words.add(word.toString());
                word.setLength(0);
            }
            if (isWord) {
                word.append(c);
            }
        }
        if (word.length() > 0) {
            words.add(word.toString());
        }
        return words;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    /** Whether the asked word is within one error of the known one or of its beginning; two from eight letters on. */
    static boolean isNear(String asked, String known) {
        var allowed = asked.length() >= 8 ? 2 : 1;
        for (int length = asked.length() - allowed; length <= asked.length() + allowed; length++) {
            if (length > 0 && length <= known.length() && distance(asked, known.substring(0, length)) <= allowed) {
                return true;
            }
        }
        return false;
    }

    private static boolean isThinned(String asked, String known) {
        var at = 0;
        for (int i = 0; i < known.length() && at < asked.length(); i++) {
            if (known.charAt(i) == asked.charAt(at)) {
                at++;
            }
        }
        return at == asked.length() && asked.length() * 2 >= known.length();
    }

    private static int distance(String a, String b) {
        var d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                var same = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + same);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
