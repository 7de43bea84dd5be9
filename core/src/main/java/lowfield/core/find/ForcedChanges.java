package lowfield.core.find;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * What else must change when a part is taken: a clash, a decisive figure that is not known, or a PSU that falls below its
 * headroom, followed to the end through PSU, cooler, case, motherboard and memory.
 *
 * <p>A best-first search (Dijkstra 1959) over sets of changes, by added price. The first open finding is mended by a change
 * in one of the slots it concerns; among the parts of a slot the next dearer one is looked at only when the cheaper has been
 * taken up, so that the first set without an open finding is the cheapest. It is given up after {@value #MOST_CHANGES}
 * changes, or {@value #MOST_STEPS} steps.
 */
final class ForcedChanges {
    static final int MOST_CHANGES = 4;
    private static final int MOST_STEPS = 400;
    private static final Set<Slot> MENDABLE =
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

    /** A state of the build, or the promise of one with the part at an index of its slot. */
    private record Node(Build parent, List<Change> before, Finding open, Slot slot, int index, long base, long cost) {}

    private final List<Finding> present;
    private final UUID line;
    private final Slot own;
    private final Function<Kind, List<Part>> forSale;
    private final ToLongFunction<Part> price;
    private final UnaryOperator<Line> offered;
    private final PriorityQueue<Node> queue = new PriorityQueue<>(java.util.Comparator.comparingLong(Node::cost)
            .thenComparingInt(n -> n.before().size()));

    /** The findings of the build before the change, the line of the change, and what can be bought at which price, and in which condition. */
    ForcedChanges(
            List<Finding> present,
            UUID line,
            Slot own,
            Function<Kind, List<Part>> forSale,
            ToLongFunction<Part> price,
            UnaryOperator<Line> offered) {
        this.present = present;
        this.line = line;
        this.own = own;
        this.forSale = forSale;
        this.price = price;
        this.offered = offered;
    }

    /** Follows what a build with the change made forces. */
    Chain follow(Build build) {
        var open = open(build);
        if (open.isEmpty()) {
            return new Chain(List.of(), build, true);
        }
        expand(build, List.of(), open.get(), 0);
        for (int step = 0; step < MOST_STEPS && !queue.isEmpty(); step++) {
            var node = queue.poll();
            var parts = forSale.apply(node.slot().kind());
            next(node, parts);
            var part = parts.get(node.index());
            var changed = with(node.parent(), offered.apply(lineWith(node.parent(), node.slot(), part)));
            if (!isMended(node.open(), changed)) {
                continue;
            }
            var changes = new ArrayList<>(node.before());
            changes.add(new Change(node.slot(), part, node.open()));
            var left = open(changed);
            if (left.isEmpty()) {
                return new Chain(List.copyOf(changes), changed, true);
            }
            if (changes.size() < MOST_CHANGES) {
                expand(changed, changes, left.get(), node.cost());
            }
        }
        return new Chain(List.of(), build, false);
    }

    /** The same change with the next dearer part. */
    private void next(Node node, List<Part> parts) {
        if (node.index() + 1 < parts.size()) {
            var cost = node.base() + price.applyAsLong(parts.get(node.index() + 1));
            queue.add(new Node(
                    node.parent(), node.before(), node.open(), node.slot(), node.index() + 1, node.base(), cost));
        }
    }

    private void expand(Build build, List<Change> changes, Finding open, long cost) {
        for (var slot : MENDABLE) {
            var isTaken = slot == own || changes.stream().anyMatch(c -> c.slot() == slot);
            var parts = forSale.apply(slot.kind());
            if (!isTaken && open.check().slots().contains(slot) && !parts.isEmpty()) {
                var base = cost - present(build, slot);
                queue.add(new Node(build, changes, open, slot, 0, base, base + price.applyAsLong(parts.get(0))));
            }
        }
    }

    private long present(Build build, Slot slot) {
        return build.filled(slot).stream()
                .findFirst()
                .flatMap(l -> l.choice().part())
                .map(price::applyAsLong)
                .filter(p -> p < Long.MAX_VALUE)
                .orElse(0L);
    }

    private Optional<Finding> open(Build build) {
        var context = new BuildContext(build);
        var findings = new ArrayList<Finding>(4);
        for (var check : Checks.deciding()) {
            findings.clear();
            check.tell(context, findings);
            for (var finding : findings) {
                if (isOpen(finding)) {
                    return Optional.of(finding);
                }
            }
        }
        return Optional.empty();
    }

    private boolean isMended(Finding open, Build build) {
        return open.check().on(new BuildContext(build)).stream().noneMatch(this::isOpen);
    }

    private boolean isOpen(Finding finding) {
        return isForcing(finding) && (finding.touches(line) || Impact.isNew(finding, present));
    }

    /** A build that was sound before must be so again; a PSU that had its headroom keeps it. */
    private boolean isForcing(Finding finding) {
        return finding.verdict() == Verdict.CLASH
                || finding.verdict() == Verdict.NOT_KNOWN && finding.check().decisive()
                || Checks.isHeadroomLost(finding) && present.stream().noneMatch(Checks::isHeadroomLost);
    }

    static Line lineOf(Build build, Slot slot) {
        return build.lines().stream().filter(l -> l.slot() == slot).findFirst().orElseThrow();
    }

    /** The line of a slot with a part on it; without one, a line more. */
    static Line lineWith(Build build, Slot slot, Part part) {
        var choice = new Choice.Chosen(part);
        return build.lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .map(l -> l.with(choice))
                .orElseGet(() -> new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                        slot,
                        choice,
                        1,
                        true));
    }

    static Build with(Build build, Line line) {
        return build.line(line.id()).isPresent() ? build.replacing(line) : build.adding(line);
    }
}
