package lowfield.core.proofreading.names;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lowfield.core.proofreading.figures.NumberWords;
import lowfield.core.proofreading.figures.UnitWords;

/**
 * How a text calls a part: by its whole name, without its maker, without its size, by its family. "Merrowby Vane Five 8 GB"
 * is "Vane Five 8 GB", "Vane Five" and "Vane"; "8 GB" is a figure and no name.
 */
public final class NameForms {
    /** A word that is a name of its own: "Six", "Half" and "M.2" stand in any text. */
    private static final Pattern TELLING = Pattern.compile("\\p{Lu}[\\p{L}\\d-]{2,}");

    private NameForms() {}

    /** The whole name first. */
    public static Set<String> of(String name) {
        var words = List.of(name.split(" "));
        var all = new LinkedHashSet<String>();
        all.add(name);
        endings(words, size(words), all);
        endings(words.subList(0, size(words)), size(words), all);
        family(name).ifPresent(all::add);
        return all;
    }

    /** The word behind the maker, where more than that and a size tells the part from its kin. */
    public static Optional<String> family(String name) {
        var words = List.of(name.split(" "));
        return size(words) > 2 ? Optional.of(words.get(1)).filter(NameForms::isTelling) : Optional.empty();
    }

    /** The name without its maker and its size: "Vane Five". */
    public static String brief(String name) {
        var words = List.of(name.split(" "));
        return String.join(" ", words.subList(Math.min(1, words.size() - 1), size(words)));
    }

    /** Everything from a word before the size on; a last word alone only where it tells something. */
    private static void endings(List<String> words, int size, Set<String> all) {
        for (int i = 1; i < size; i++) {
            var ending = words.subList(i, words.size());
            if (ending.size() == 1 ? isTelling(ending.get(0)) : !isFigure(ending)) {
                all.add(String.join(" ", ending));
            }
        }
    }

    /** Where the size begins: at the first word behind the family that begins with a digit; the end where there is none. */
    private static int size(List<String> words) {
        for (int i = 2; i < words.size(); i++) {
            if (Character.isDigit(words.get(i).charAt(0))) {
                return i;
            }
        }
        return words.size();
    }

    private static boolean isFigure(List<String> words) {
        return Character.isDigit(words.get(0).charAt(0))
                && words.stream().skip(1).anyMatch(w -> UnitWords.of(w).isPresent() || w.equals("x"));
    }

    private static boolean isTelling(String word) {
        return TELLING.matcher(word).matches() && NumberWords.of(word).isEmpty();
    }
}
