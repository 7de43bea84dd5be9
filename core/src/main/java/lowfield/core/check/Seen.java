package lowfield.core.check;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;

/** One filled line as a view shows it: nothing else of the line can be reached. */
public final class Seen {
    private final Line line;
    private final View view;
    private final Reads reads;

    Seen(Line line, View view, Reads reads) {
        this.line = line;
        this.view = view;
        this.reads = reads;
    }

    /** The figure; asking for one that the view does not name is a fault of the check. */
    public <T> Figure<T> figure(Input<T> input) {
        assert isShown(input);
        reads.figure(this, input);
        return input.of(line);
    }

    /** Held in tests, which run with assertions; at run time nothing is asked. */
    private boolean isShown(Input<?> input) {
        if (!view.shows(input)) {
            throw new IllegalStateException("A check asks for " + input.key() + " and does not declare it");
        }
        return true;
    }

    /** The figure's value, or another where there is none. */
    public <T> T or(Input<T> input, T other) {
        return figure(input).or(other);
    }

    /** The figure, to be asked for: when it is missing, the finding says so. */
    public <T> Asked<T> get(Input<T> input) {
        return new Asked<>(input, this, figure(input));
    }

    /** Whether both look at one line, perhaps through views of their own. */
    public boolean isSameLine(Seen other) {
        return line.id().equals(other.line.id());
    }

    public Slot slot() {
        return line.slot();
    }

    /** What stands on the line, as sentences name it. */
    @Override
    public String toString() {
        return line.choice().label();
    }

    UUID id() {
        return line.id();
    }

    Line line() {
        return line;
    }

    View view() {
        return view;
    }

    /** A figure of a line, with what to say when it is missing. */
    public record Asked<T>(Input<T> input, Seen seen, Figure<T> figure) {
        /** The part and its figure; absent where no part of the catalogue stands on the line. */
        Optional<Gap> gap() {
            return input instanceof FigureRef<?, T> ref
                    ? seen.line.choice().figures().map(p -> new Gap(p.id(), ref.field(), ref.name()))
                    : Optional.empty();
        }

        public boolean isMissing() {
            return figure instanceof Figure.NotKnown;
        }
    }
}
