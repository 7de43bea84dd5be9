package lowfield.core.part;

import java.util.List;

/**
 * What one part in the place of another brings and gives up, in the figures that make a part what it is.
 *
 * @param gains "12 GB instead of 8 GB"
 * @param losses the same the other way
 */
public record Exchange(List<String> gains, List<String> losses) {
    public Exchange {
        gains = List.copyOf(gains);
        losses = List.copyOf(losses);
    }

    public static Exchange of(Part before, Part after) {
        var gains = Equivalence.of(after, before).losses().stream()
                .map(l ->
                        l.now().map(less -> l.before() + " instead of " + less).orElse(l.before()))
                .toList();
        var losses = Equivalence.of(before, after).losses().stream()
                .map(Equivalence.Loss::said)
                .toList();
        return new Exchange(gains, losses);
    }
}
