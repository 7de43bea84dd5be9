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
    private final int[] counts = new int[CandidateImpact.Group.values().length];
    private final Map<CandidateImpact.Group, PriorityQueue<Ranked>> best = new EnumMap<>(CandidateImpact.Group.class);
    private final int most;

    /** A candidate and what it stands by. */
    private record Ranked(long key, long price, ImpactSummaries.ImpactSummary summary) {
        static final Comparator<Ranked> FIRST_FIRST = Comparator.comparingLong(Ranked::key)
                .thenComparingLong(Ranked::price)
                .thenComparing(r -> r.summary().part().fullName())
                .thenComparing(r -> r.summary().part().id());
    }

    private Grouped(int most) {
        this.most = most;
    }

    /** Of some rows of a shelf, keeping at most so many of each group. */
    public static Grouped of(ImpactSummaries summaries, int[] rows, Order order, int most) {
        var grouped = new Grouped(most);
        for (var row : rows) {
            var summary = summaries.of(row);
            grouped.add(summary, summaries.key(summary, order));
        }
        return grouped;
    }

    private void add(ImpactSummaries.ImpactSummary summary, long key) {
        counts[summary.group().ordinal()]++;
        var kept = best.computeIfAbsent(summary.group(), g -> new PriorityQueue<>(Ranked.FIRST_FIRST.reversed()));
        var ranked = new Ranked(key, summary.costs(), summary);
        if (kept.size() < most) {
            kept.add(ranked);
        } else if (Ranked.FIRST_FIRST.compare(ranked, kept.element()) < 0) {
            kept.remove();
            kept.add(ranked);
        }
    }

    public int count(CandidateImpact.Group group) {
        return counts[group.ordinal()];
    }

    /** The first of a group in order, at most so many. */
    public List<ImpactSummaries.ImpactSummary> first(CandidateImpact.Group group, int many) {
        var kept = best.containsKey(group) ? new ArrayList<>(best.get(group)) : new ArrayList<Ranked>();
        kept.sort(Ranked.FIRST_FIRST);
        return kept.stream().limit(many).map(Ranked::summary).toList();
    }
}
