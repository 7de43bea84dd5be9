package lowfield.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import lowfield.core.guide.Slot;

/**
 * What a check looks at: the lines of one slot, or of several that hold the same kind of part, and at most six figures of
 * each beside the facts of the line. Whoever is given a view can see nothing else.
 */
public final class View {
    private static final int MOST_FIGURES = 6;
    private static final AtomicInteger MADE = new AtomicInteger();

    private final Set<Slot> slots;
    private final List<Input<?>> inputs;
    private final boolean[] isOf = new boolean[Slot.values().length];
    /** Told apart within this process only: a build keeps the lines of each view at its number. */
    private final int number = MADE.getAndIncrement();

    private View(Set<Slot> slots, List<Input<?>> inputs) {
        this.slots = Set.copyOf(slots);
        this.inputs = List.copyOf(inputs);
        slots.forEach(s -> isOf[s.ordinal()] = true);
        var figures = inputs.stream().filter(FigureRef.class::isInstance).count();
        if (figures > MOST_FIGURES) {
            throw new IllegalArgumentException("A view has at most six figures, not " + figures);
        }
    }

    public Set<Slot> slots() {
        return slots;
    }

    public List<Input<?>> inputs() {
        return inputs;
    }

    int number() {
        return number;
    }

    boolean isOf(Slot slot) {
        return isOf[slot.ordinal()];
    }

    public static View of(Slot slot, Input<?>... inputs) {
        return new View(EnumSet.of(slot), List.of(inputs));
    }

    /** The drives: every slot of the kind. */
    public static View of(Set<Slot> slots, Input<?>... inputs) {
        return new View(slots, List.of(inputs));
    }

    /** All lines of a build, of which only their facts can be seen. */
    public static View ofAllLines(LineFact<?>... facts) {
        return new View(EnumSet.allOf(Slot.class), List.of(facts));
    }

    /** The same lines with more of their figures in sight. */
    public View and(Input<?>... more) {
        return new View(
                slots,
                java.util.stream.Stream.concat(inputs.stream(), java.util.Arrays.stream(more))
                        .distinct()
                        .toList());
    }

    boolean shows(Input<?> input) {
        for (var each : inputs) {
            if (each == input) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String toString() {
        return slots + " " + inputs.stream().map(Input::key).toList();
    }
}
