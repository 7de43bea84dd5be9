package lowfield.core.proofreading.guard;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import lowfield.core.proofreading.clues.SeenFigure;

/**
 * What the figures of a paragraph mean, each weighed beside the others: hardly ever does one say a thing twice, once so and once
 * otherwise. Each is weighed alone first, then once more with what the others most probably say.
 */
final class ParagraphMeanings {
    private final List<Meanings> alone;
    private final Map<String, Saying> byThing = new HashMap<>();

    /** Which figure most probably says a thing, how probable that is, and how probable it is of the next one. */
    private record Saying(int figure, double most, double next) {
        Saying or(int other, double probable) {
            if (other == figure) {
                return new Saying(figure, Math.max(most, probable), next);
            }
            return probable > most
                    ? new Saying(other, probable, most)
                    : new Saying(figure, most, Math.max(next, probable));
        }

        double beside(int other) {
            return other == figure ? next : most;
        }
    }

    private ParagraphMeanings(List<Meanings> alone) {
        this.alone = alone;
        for (var at = 0; at < alone.size(); at++) {
            var figure = at;
            alone.get(at)
                    .each((candidate, probable) -> byThing.merge(
                            candidate.thing(), new Saying(figure, probable, 0), (a, b) -> a.or(figure, probable)));
        }
    }

    /** In the order of the paragraph. */
    static List<WeighedFigure> of(Weights weights, List<SeenFigure> figures) {
        var paragraph = new ParagraphMeanings(
                figures.stream().map(f -> Meanings.of(weights, f)).toList());
        return IntStream.range(0, figures.size())
                .mapToObj(at -> paragraph.weighed(weights, at))
                .toList();
    }

    private WeighedFigure weighed(Weights weights, int at) {
        return new WeighedFigure(
                alone.get(at),
                alone.get(at).beside(weights, c -> byThing.get(c.thing()).beside(at)));
    }
}
