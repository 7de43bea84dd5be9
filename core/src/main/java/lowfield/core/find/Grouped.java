package lowfield.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Candidates by what they would do: how many there are in each group, and the first of each in an order. Only those first
 * ones are ever sorted: each group keeps its best so far in a heap, the worst of them on top.
 */
public final class Grouped {
    private final int[] counts = new int[Prospect.Group.values().length];
    private final Map<Prospect.Group, PriorityQueue<Ranked>> best = new EnumMap<>(Prospect.Group.class);
    private final int most;

    /** A candidate and what it stands by. */
    private record Ranked(long key, long price, Sketches.Sketch sketch) {
        static final Comparator<Ranked> FIRST_FIRST = Comparator.comparingLong(Ranked::key)
                .thenComparingLong(Ranked::price)
                .thenComparing(r -> r.sketch().part().fullName())
                .thenComparing(r -> r.sketch().part().id());
    }

    private Grouped(int most) {
        this.most = most;
    }

    /** Of some rows of a shelf, keeping at most so many of each group. */
    public static Grouped of(Sketches sketches, int[] rows, Order order, int most) {
        var grouped = new Grouped(most);
        for (var row : rows) {
            var sketch = sketches.of(row);
            grouped.add(sketch, sketches.key(sketch, order));
        }
        return grouped;
    }

    private void add(Sketches.Sketch sketch, long key) {
        counts[sketch.group().ordinal()]++;
        var kept = best.computeIfAbsent(sketch.group(), g -> new PriorityQueue<>(Ranked.FIRST_FIRST.reversed()));
        var ranked = new Ranked(key, sketch.costs(), sketch);
        if (kept.size() < most) {
            kept.add(ranked);
        } else if (Ranked.FIRST_FIRST.compare(ranked, kept.element()) < 0) {
            kept.remove();
            kept.add(ranked);
        }
    }

    public int count(Prospect.Group group) {
        return counts[group.ordinal()];
    }

    /** The first of a group in order, at most so many. */
    public List<Sketches.Sketch> first(Prospect.Group group, int many) {
        var kept = best.containsKey(group) ? new ArrayList<>(best.get(group)) : new ArrayList<Ranked>();
        kept.sort(Ranked.FIRST_FIRST);
        return kept.stream().limit(many).map(Ranked::sketch).toList();
    }
}
