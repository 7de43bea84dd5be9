package lowfield.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
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
 * than its changes and the greatest savings that the slots left could bring. It is given up after {@value #MOST_WORK} builds.
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
    private record State(List<Change> changes, Build build, List<Finding> open, long cost) {
        boolean has(Slot slot) {
            return changes.stream().anyMatch(c -> c.slot() == slot);
        }

        Map<Slot, Part> parts() {
            var parts = new EnumMap<Slot, Part>(Slot.class);
            changes.forEach(c -> parts.put(c.slot(), c.part()));
            return parts;
        }
    }

    private record Ranked(State state, long bound) {}

    private final Build build;
    private final Slot own;
    private final Function<Kind, List<Part>> forSale;
    private final ToLongFunction<Part> price;
    private final UnaryOperator<Line> offered;
    private final Soundness soundness;
    private final Map<Slot, Long> savings = new EnumMap<>(Slot.class);
    private final PriorityQueue<Ranked> queue = new PriorityQueue<>(Comparator.comparingLong(Ranked::bound));
    private final Map<Map<Slot, Part>, Boolean> sound = new HashMap<>();
    private Optional<State> best = Optional.empty();
    private int work;

    /**
     * @param present the findings of the build before the part was taken
     * @param build the build with the part taken on a line
     * @param forSale what can be bought, cheapest first
     * @param price of one piece, in minor units
     * @param offered the line in the condition in which its part is offered
     */
    ForcedChanges(
            List<Finding> present,
            Build build,
            UUID line,
            Function<Kind, List<Part>> forSale,
            ToLongFunction<Part> price,
            UnaryOperator<Line> offered) {
        this.build = build;
        this.own = build.line(line).orElseThrow().slot();
        this.forSale = forSale;
        this.price = price;
        this.offered = offered;
        this.soundness = new Soundness(present, build, line);
    }

    /** Follows what the part forces, to the end. */
    Chain follow() {
        var root = new State(List.of(), build, soundness.atFirst(), 0);
        if (root.open().isEmpty()) {
            return new Chain(List.of(), build, true);
        }
        MENDABLE.stream().filter(s -> s != own).forEach(s -> savings.put(s, saving(s)));
        queue.add(new Ranked(root, 0));
        while (!queue.isEmpty() && !isBeaten(queue.peek().bound())) {
            expand(queue.poll().state());
            if (work > MOST_WORK) {
                return new Chain(List.of(), build, false);
            }
        }
        return best.map(b -> new Chain(b.changes(), b.build(), true))
                .orElseGet(() -> new Chain(List.of(), build, false));
    }

    private void expand(State state) {
        var tried = new HashSet<Check>();
        for (var finding : state.open()) {
            if (tried.add(finding.check())) {
                for (var slot : savings.keySet()) {
                    if (!state.has(slot) && finding.check().slots().contains(slot)) {
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
            if (isBeaten(cost + greatestSavings(state, slot))) {
                return;
            }
            var changed = changed(state.build(), slot, part);
            if (soundness.takesAway(finding.check(), changed, slots(state, slot))) {
                reach(state, new Change(slot, part, finding), changed, cost);
            }
        }
    }

    private void reach(State before, Change change, Build changed, long cost) {
        var changes = new ArrayList<>(before.changes());
        changes.add(change);
        var reached = new State(List.copyOf(changes), changed, open(changed, changes), cost);
        if (sound.putIfAbsent(reached.parts(), reached.open().isEmpty()) != null) {
            return;
        }
        if (reached.open().isEmpty()) {
            if (isBetter(reached) && isLeast(reached)) {
                best = Optional.of(reached);
            }
        } else if (changes.size() < MOST_CHANGES) {
            queue.add(new Ranked(reached, cost + greatestSavings(reached, own)));
        }
    }

    private List<Finding> open(Build changed, List<Change> changes) {
        work++;
        var slots = EnumSet.noneOf(Slot.class);
        changes.forEach(c -> slots.add(c.slot()));
        return soundness.open(changed, slots);
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
        var known = sound.get(parts);
        if (known != null) {
            return known;
        }
        var with = build;
        for (var change : changes) {
            with = changed(with, change.slot(), change.part());
        }
        return open(with, changes).isEmpty();
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
        state.parts().forEach((slot, part) -> ids.put(slot, part.id().toString()));
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

    private Set<Slot> slots(State state, Slot further) {
        var slots = EnumSet.of(further);
        state.changes().forEach(c -> slots.add(c.slot()));
        return slots;
    }

    private Build changed(Build from, Slot slot, Part part) {
        return SlotLines.with(from, offered.apply(SlotLines.having(from, slot, part)));
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
