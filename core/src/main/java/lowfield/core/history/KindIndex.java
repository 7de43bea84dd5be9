package lowfield.core.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.RuleBroken;

/**
 * How a whole kind of part has moved: a matched-model Jevons index, chained (Consumer Price Index Manual, IMF et al. 2020,
 * ch. 8). From one period to the next each part that is priced in both gives a price relative; relatives of one group
 * (siblings of a product, cards of one chip) collapse to their middle first, so that forty cards of one chip count once; the move
 * is the geometric mean over the groups. A part without a price is carried by the kind's own move for up to two periods, so
 * that its coming back is compared with where it would stand; missed for longer, it begins anew.
 */
public final class KindIndex {
    /** A move that fewer matched groups tell of is not published. */
    public static final int FEWEST = 5;

    private static final int LONGEST_GAP = 2;

    /**
     * One period: the level (the first period's is 1), how many groups were matched with the period before, how many parts
     * were carried without a price, and which of the matched were sold off as they end.
     */
    public record Step(double level, int matched, int carried, Set<UUID> clearances) {
        public Step {
            clearances = Set.copyOf(clearances);
        }

        /** Whether enough groups tell of the move to this period. */
        public boolean isPublished() {
            return matched >= FEWEST;
        }
    }

    /** A price in minor units, above zero, and whether the part is on its way out of the shops. */
    public record Quote(long minor, boolean ending) {
        public Quote {
            RuleBroken.unless(minor > 0, "A price in an index is above zero, not %d.", minor);
        }
    }

    /** Where a part stands: its last price, real or carried on, and for how many periods it was carried. */
    private record Standing(double price, int gap) {}

    private final Function<UUID, ?> group;
    private final Map<UUID, Standing> standing = new HashMap<>();
    private final List<Step> steps = new ArrayList<>();

    private KindIndex(Function<UUID, ?> group) {
        this.group = group;
    }

    /** Of the accepted prices of each period, oldest first; {@code group} tells which parts collapse to one. */
    public static List<Step> of(List<Map<UUID, Quote>> periods, Function<UUID, ?> group) {
        var index = new KindIndex(group);
        periods.forEach(index::add);
        return List.copyOf(index.steps);
    }

    private void add(Map<UUID, Quote> period) {
        var relatives = new HashMap<Object, List<Double>>();
        var clearances = new HashSet<UUID>();
        period.forEach((part, quote) -> {
            var before = standing.get(part);
            if (before != null) {
                relatives
                        .computeIfAbsent(group.apply(part), g -> new ArrayList<>())
                        .add(Math.log(quote.minor() / before.price()));
                if (quote.ending() && quote.minor() < before.price()) {
                    clearances.add(part);
                }
            }
        });
        var move = mean(relatives.values().stream().map(KindIndex::middle).toList());
        var carried = carry(period, Math.exp(move));
        period.forEach((part, quote) -> standing.put(part, new Standing(quote.minor(), 0)));
        var level = steps.isEmpty() ? 1 : steps.get(steps.size() - 1).level() * Math.exp(move);
        steps.add(new Step(level, relatives.size(), carried, clearances));
    }

    /** Moves what has no price now along with the kind; what has had none for too long is forgotten. How many were carried. */
    private int carry(Map<UUID, Quote> period, double factor) {
        var carried = 0;
        for (var part : List.copyOf(standing.keySet())) {
            if (!period.containsKey(part)) {
                var old = standing.get(part);
                if (old.gap() < LONGEST_GAP) {
                    standing.put(part, new Standing(old.price() * factor, old.gap() + 1));
                    carried++;
                } else {
                    standing.remove(part);
                }
            }
        }
        return carried;
    }

    /** The middle of the relatives of one group, so that one odd card does not speak for its chip. */
    private static double middle(List<Double> logs) {
        var sorted = logs.stream().sorted().toList();
        var half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    private static double mean(List<Double> logs) {
        return logs.stream().mapToDouble(l -> l).average().orElse(0);
    }
}
