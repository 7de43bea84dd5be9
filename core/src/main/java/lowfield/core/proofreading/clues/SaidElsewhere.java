package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import lowfield.core.proofreading.KnownFigure;

/**
 * What is said rightly by another figure of a paragraph: it seldom says the same thing twice, so what a figure means is rather
 * something that is not said yet.
 */
final class SaidElsewhere {
    /** Which figures, by their order, say a thing of the data as it is. */
    private final Map<String, NavigableSet<Integer>> saying = new HashMap<>();

    private SaidElsewhere(List<SeenFigure> figures) {
        for (var at = 0; at < figures.size(); at++) {
            for (var candidate : figures.get(at).candidates()) {
                if (figures.get(at).figure().holds(candidate.figure().value())) {
                    saying.computeIfAbsent(candidate.thing(), thing -> new TreeSet<>())
                            .add(at);
                }
            }
        }
    }

    /** The figures of a paragraph, each with the clues of what the others say. */
    static List<SeenFigure> among(List<SeenFigure> figures) {
        var said = new SaidElsewhere(figures);
        return IntStream.range(0, figures.size())
                .mapToObj(at -> said.beside(figures.get(at), at))
                .toList();
    }

    private SeenFigure beside(SeenFigure seen, int at) {
        return new SeenFigure(
                seen.figure(), seen.candidates().stream().map(c -> with(c, at)).toList(), seen.aside());
    }

    private Candidate with(Candidate candidate, int at) {
        var where = where(saying.getOrDefault(candidate.thing(), Collections.emptyNavigableSet()), at);
        return where.isEmpty() ? candidate : candidate.said(clues(candidate.figure(), where));
    }

    private static List<String> clues(KnownFigure figure, List<String> where) {
        var name = UseClues.name(figure.use());
        var clues =
                new ArrayList<>(List.of(name + " said elsewhere", name + " " + figure.dimension() + " said elsewhere"));
        where.forEach(w -> clues.add(name + " said elsewhere " + w));
        return clues;
    }

    private static List<String> where(NavigableSet<Integer> saying, int at) {
        var where = new ArrayList<String>();
        if (saying.contains(at - 1)) {
            where.add("just before");
        }
        if (saying.contains(at + 1)) {
            where.add("right behind");
        }
        if (saying.lower(at - 1) != null) {
            where.add("before");
        }
        if (saying.higher(at + 1) != null) {
            where.add("behind");
        }
        return where;
    }
}
