package lowfield.core.history;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;

/**
 * A tier whose totals have left its name behind: in each of the last {@link #EDITIONS} editions its total lay outside the
 * band, always on the same side. The suggestion is a band around what it has come to cost.
 */
public record Drift(boolean over, int editions, Money middle) {
    public static final int EDITIONS = 3;

    /** A tier's total in one edition, and the band that it was meant to stay in. */
    public record Point(Money total, Money low, Money high) {
        private int side() {
            return total.compareTo(high) > 0 ? 1 : total.compareTo(low) < 0 ? -1 : 0;
        }
    }

    /** Of a tier's editions, oldest first; absent when it is what it is called. */
    public static Optional<Drift> of(List<Point> points) {
        if (points.isEmpty()) {
            return Optional.empty();
        }
        var side = points.get(points.size() - 1).side();
        var run = 0;
        while (run < points.size() && points.get(points.size() - 1 - run).side() == side) {
            run++;
        }
        if (side == 0 || run < EDITIONS) {
            return Optional.empty();
        }
        var last = points.subList(points.size() - run, points.size()).stream()
                .map(Point::total)
                .sorted()
                .toList();
        return Optional.of(new Drift(side > 0, run, last.get(run / 2)));
    }

    public String sentence() {
        return "In %d editions running it was %s its band; what it has come to cost is about %s. Rename the tier, or bring it back."
                .formatted(editions, over ? "over" : "under", middle.toTens());
    }
}
