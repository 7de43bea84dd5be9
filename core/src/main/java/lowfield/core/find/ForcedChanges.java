package lowfield.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import lowfield.core.Lazy;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Check;
import lowfield.core.check.Finding;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * What else must change when a part is taken, through PSU, cooler, case, motherboard and memory. What forces is a clash, or a
 * PSU that falls below its headroom; that something is unknown never does. A further part is known to take away what forced
 * it, brings no unknown of its own that decides, and breaks no wish of the tier.
 *
 * <p>The answer is the least added price among all sets of at most {@value #MOST_CHANGES} changes that can be made one after
 * the other, each taking away a finding that stood then, and of which none can be left out; of equal ones the least part ids.
 * A branch and bound search (Land and Doig 1960) over those sets, the most promising first: no set of a branch can cost less
 * than its changes and the greatest savings that the slots left could bring. It is given up after {@value #MOST_WORK} builds, or so many checks.
 */
final class ForcedChanges {
    static final int MOST_CHANGES = 4;
    private static final int MOST_WORK = 1500;
    static final Set<Slot> MENDABLE =
            EnumSet.of(Slot.POWER_SUPPLY, Slot.COOLER, Slot.CASE, Slot.MOTHERBOARD, Slot.MEMORY);

    /** One further part. */
    record Change(Slot slot, Part part, Finding why) {}

    /**
     * What came of it.
     *
     * @param changes what must be changed; empty when nothing must, or when it was given up
     * @param isSolved whether the build is sound with those changes
     */
    record Chain(List<Change> changes, Build build, boolean isSolved) {}

    /** A build with some changes made, and what still stands open. */
    private record State(List<Change> changes, Map<Slot, Part> parts, List<Finding> open, long cost) {
        boolean has(Slot slot) {
            return parts.containsKey(slot);
        }

        /** The parts with one more. */
        Map<Slot, Part> and(Slot slot, Part part) {
            var more = new EnumMap<Slot, Part>(Slot.class);
            more.putAll(parts);
            more.put(slot, part);
            return more;
        }
    }

    private record Ranked(State state, long bound) {}

    private final Build build;
    private final Slot own;
    private final Function<Kind, List<Part>> forSale;
    private final ToLongFunction<Part> price;
    private final UnaryOperator<Line> offered;
    private final Soundness soundness;
    private final int mostChecks;
    private final Map<Slot, Long> savings = new EnumMap<>(Slot.class);
    private final PriorityQueue<Ranked> queue = new PriorityQueue<>(Comparator.comparingLong(Ranked::bound));
    private final Map<List<UUID>, Boolean> sound = new HashMap<>();
    private final Map<Part, Line> lines = new IdentityHashMap<>();
    private Optional<State> best = Optional.empty();
    private int work;

    /**
     * @param present the findings of the build before the part was taken
     * @param build the build with the part taken on a line
     * @param forSale what can be bought, cheapest first
     * @param price of one piece, in minor units
     * @param offered the line in the condition in which its part is offered
     * @param mostChecks how many checks may be run before it is given up
     */
    ForcedChanges(
            List<Finding> present,
            Build build,
            UUID line,
            Function<Kind, List<Part>> forSale,
            ToLongFunction<Part> price,
            UnaryOperator<Line> offered,
            int mostChecks) {
        this.mostChecks = mostChecks;
        this.build = build;
        this.own = build.line(line).orElseThrow().slot();
        this.forSale = forSale;
        this.price = price;
        this.offered = offered;
        this.soundness = new Soundness(present, build, line);
    }

    /** Follows what the part forces, to the end. */
    Chain follow() {
        var root = new State(List.of(), Map.of(), soundness.atFirst(), 0);
        if (root.open().isEmpty()) {
            return new Chain(List.of(), build, true);
        }
        MENDABLE.stream().filter(s -> s != own).forEach(s -> savings.put(s, saving(s)));
        if (canBeSolved(root)) {
            queue.add(new Ranked(root, 0));
        }
        while (!queue.isEmpty() && !isBeaten(queue.peek().bound())) {
            expand(queue.poll().state());
            if (isGivenUp()) {
                return new Chain(List.of(), build, false);
            }
        }
        return best.map(b -> new Chain(b.changes(), with(b.parts()), true))
                .orElseGet(() -> new Chain(List.of(), build, false));
    }

    private boolean isGivenUp() {
        return work > MOST_WORK || soundness.asked() > mostChecks;
    }

    private void expand(State state) {
        var tried = new HashSet<Check>();
        for (var finding : state.open()) {
            if (tried.add(finding.check())) {
                for (var slot : savings.keySet()) {
                    if (!state.has(slot) && finding.check().slots().contains(slot) && canBeSolved(state, slot)) {
                        mend(state, finding, slot);
                    }
                }
            }
        }
    }

    /** Every part of a slot that takes a finding away and may yet be part of the cheapest answer. */
    private void mend(State state, Finding finding, Slot slot) {
        var present = cost(build, slot);
        var pieces = SlotLines.first(build, slot).map(Line::quantity).orElse(1);
        for (var part : forSale.apply(slot.kind())) {
            var cost = state.cost() + price.applyAsLong(part) * pieces - present;
            if (isBeaten(cost + greatestSavings(state, slot)) || isGivenUp()) {
                return;
            }
            var parts = state.and(slot, part);
            var changed = changed(parts);
            if (!sound.containsKey(ids(parts)) && soundness.takesAway(finding.check(), parts, changed)) {
                reach(state, new Change(slot, part, finding), parts, changed, cost);
            }
        }
    }

    private void reach(State before, Change change, Map<Slot, Part> parts, Lazy<BuildContext> changed, long cost) {
        var changes = new ArrayList<>(before.changes());
        changes.add(change);
        var reached = new State(List.copyOf(changes), parts, open(parts, changed), cost);
        sound.put(ids(parts), reached.open().isEmpty());
        if (reached.open().isEmpty()) {
            if (isBetter(reached) && isLeast(reached)) {
                best = Optional.of(reached);
            }
        } else if (canBeSolved(reached)) {
            queue.add(new Ranked(reached, cost + greatestSavings(reached, own)));
        }
    }

    private List<Finding> open(Map<Slot, Part> parts, Lazy<BuildContext> changed) {
        work++;
        return soundness.open(parts, changed);
    }

    private boolean canBeSolved(State state) {
        return canBeSolved(state, own);
    }

    /** Whether what stands open can be gone after the changes that are left, of which the next is in a slot. */
    private boolean canBeSolved(State state, Slot next) {
        var free = savings.keySet().stream()
                .filter(s -> !state.has(s) && s != next)
                .toList();
        var open = state.open().stream()
                .filter(f -> next == own || !f.check().slots().contains(next))
                .toList();
        var left = MOST_CHANGES - state.changes().size() - (next == own ? 0 : 1);
        return WaysOut.areThere(open, free, left);
    }

    /** Whether none of the changes can be left out. */
    private boolean isLeast(State reached) {
        var all = reached.changes();
        for (int subset = 1; subset < (1 << all.size()) - 1; subset++) {
            var some = new ArrayList<Change>();
            for (int i = 0; i < all.size(); i++) {
                if ((subset >> i & 1) == 1) {
                    some.add(all.get(i));
                }
            }
            if (isSound(some)) {
                return false;
            }
        }
        return true;
    }

    private boolean isSound(List<Change> changes) {
        var parts = new EnumMap<Slot, Part>(Slot.class);
        changes.forEach(c -> parts.put(c.slot(), c.part()));
        var known = sound.get(ids(parts));
        if (known != null) {
            return known;
        }
        return open(parts, changed(parts)).isEmpty();
    }

    private boolean isBeaten(long bound) {
        return best.filter(b -> bound > b.cost()).isPresent();
    }

    private boolean isBetter(State reached) {
        return best.map(b -> ORDER.compare(reached, b) < 0).orElse(true);
    }

    private static final Comparator<State> ORDER =
            Comparator.comparingLong(State::cost).thenComparing(ForcedChanges::ids);

    private static String ids(State state) {
        var ids = new LinkedHashMap<Slot, String>();
        new EnumMap<>(state.parts())
                .forEach((slot, part) -> ids.put(slot, part.id().toString()));
        return ids.toString();
    }

    /** What the slots that are left could save at most, a further one taken. */
    private long greatestSavings(State state, Slot taken) {
        return savings.entrySet().stream()
                .filter(s -> s.getKey() != taken && !state.has(s.getKey()))
                .map(Map.Entry::getValue)
                .sorted()
                .limit(MOST_CHANGES - state.changes().size() - (taken == own ? 0 : 1))
                .mapToLong(Long::longValue)
                .sum();
    }

    /** By how much the cheapest part of a slot is cheaper than the present one: none or less than nothing. */
    private long saving(Slot slot) {
        var pieces = SlotLines.first(build, slot).map(Line::quantity).orElse(1);
        return forSale.apply(slot.kind()).stream()
                .findFirst()
                .map(p -> Math.min(0, price.applyAsLong(p) * pieces - cost(build, slot)))
                .orElse(0L);
    }

    /** Which parts were put in; a part has its slot by its kind. */
    private static List<UUID> ids(Map<Slot, Part> parts) {
        return parts.values().stream().map(Part::id).toList();
    }

    /** Laid out only where a check has not seen these parts together yet. */
    private Lazy<BuildContext> changed(Map<Slot, Part> parts) {
        return new Lazy<>(() -> new BuildContext(with(parts)));
    }

    private Build with(Map<Slot, Part> parts) {
        var with = build;
        for (var change : parts.entrySet()) {
            with = SlotLines.with(with, line(change.getKey(), change.getValue()));
        }
        return with;
    }

    private Line line(Slot slot, Part part) {
        return lines.computeIfAbsent(part, p -> offered.apply(SlotLines.having(build, slot, p)));
    }

    private long cost(Build of, Slot slot) {
        return SlotLines.first(of, slot)
                .flatMap(l -> l.choice()
                        .part()
                        .map(price::applyAsLong)
                        .filter(p -> p < Long.MAX_VALUE)
                        .map(p -> p * l.quantity()))
                .orElse(0L);
    }
}
