package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import lowfield.core.proofreading.KnownFigure;

/**
 * What is said rightly by another figure of the text: a text seldom says the same thing twice, so what a figure means is rather
 * something that is not said yet.
 */
final class SaidElsewhere {
    /** Which figures of the text, by their order, say a thing of the data as it is. */
    private final Map<String, List<Integer>> saying = new HashMap<>();

    private final List<SeenFigure> figures;

    SaidElsewhere(List<SeenFigure> figures) {
        this.figures = List.copyOf(figures);
        for (var at = 0; at < figures.size(); at++) {
            for (var candidate : figures.get(at).candidates()) {
                if (figures.get(at).figure().holds(candidate.figure().value())) {
                    saying.computeIfAbsent(candidate.thing(), thing -> new ArrayList<>())
                            .add(at);
                }
            }
        }
    }

    /** The figure in this place of the order, with the clues of what others say. */
    SeenFigure of(int at) {
        var seen = figures.get(at);
        return new SeenFigure(
                seen.figure(), seen.candidates().stream().map(c -> with(c, at)).toList(), seen.aside());
    }

    private Candidate with(Candidate candidate, int at) {
        var where = where(saying.getOrDefault(candidate.thing(), List.of()), at);
        return where.isEmpty() ? candidate : candidate.said(clues(candidate.figure(), where));
    }

    private static List<String> clues(KnownFigure figure, Set<String> where) {
        var name = UseClues.name(figure.use());
        var clues =
                new ArrayList<>(List.of(name + " said elsewhere", name + " " + figure.dimension() + " said elsewhere"));
        where.forEach(w -> clues.add(name + " said elsewhere " + w));
        return clues;
    }

    private static Set<String> where(List<Integer> saying, int at) {
        var where = new TreeSet<String>();
        for (var other : saying) {
            if (other != at) {
                where.add(
                        other == at - 1
                                ? "just before"
                                : other == at + 1 ? "right behind" : other < at ? "before" : "behind");
            }
        }
        return where;
    }
}
