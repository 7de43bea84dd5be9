package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;

/** What the words around a figure tell of its use: what is, what was, how much more or less, or the whole build's. */
final class UseClues {
    /** Words of what was, as far as a sentence tells it. */
    private static final Set<String> PAST = Set.of(
            "last",
            "was",
            "were",
            "former",
            "formerly",
            "used",
            "before",
            "from",
            "previously",
            "ago",
            "been",
            "since",
            "paid",
            "fell",
            "rose",
            "dropped",
            "came",
            "went",
            "cost",
            "instead",
            "less",
            "more",
            "up",
            "down",
            "month",
            "edition",
            "old",
            "saved",
            "save",
            "cheaper",
            "dearer");

    private UseClues() {}

    static String name(KnownFigure.Use use) {
        return use.name().toLowerCase(Locale.ROOT);
    }

    static List<String> of(KnownFigure.Use use, Dimension dimension, Words words) {
        var name = name(use);
        var all = new ArrayList<>(List.of(
                name,
                name + " " + dimension,
                name + " before " + words.before(1),
                name + " before " + words.before(2) + " " + words.before(1),
                name + " next " + words.next()));
        all.add(name + (words.around().stream().anyMatch(PAST::contains) ? " told as past" : " not told as past"));
        words.before().stream().distinct().forEach(w -> all.add(name + " in phrase " + w));
        words.after(3).stream().distinct().forEach(w -> all.add(name + " behind " + w));
        return all;
    }
}
