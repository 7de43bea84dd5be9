package lowfield.core.evidence;

import java.util.List;
import java.util.Optional;

/**
 * The reviews of a part together: the mean share of the best score, each source weighing as many reviews as it counts.
 *
 * @param percent the share, 0 to 100, rounded half up
 * @param count how many reviews there are
 * @param sources how many sources they are from
 */
public record Reviews(int percent, int count, int sources) {
    /** None when there is no review among the facts. */
    public static Optional<Reviews> of(List<SoftFact> facts) {
        var scores = facts.stream().flatMap(f -> f.score().stream()).toList();
        if (scores.isEmpty()) {
            return Optional.empty();
        }
        var count = scores.stream().mapToInt(Score::count).sum();
        var sum = scores.stream().mapToDouble(s -> s.share() * s.count()).sum();
        var sources = facts.stream()
                .filter(f -> f.score().isPresent())
                .map(SoftFact::source)
                .distinct()
                .count();
        return Optional.of(new Reviews((int) Math.round(100 * sum / count), count, (int) sources));
    }

    /** "86% over 412 reviews from 3 sources". */
    public String said() {
        return "%d%% over %,d %s from %d %s"
                .formatted(
                        percent,
                        count,
                        count == 1 ? "review" : "reviews",
                        sources,
                        sources == 1 ? "source" : "sources");
    }
}
