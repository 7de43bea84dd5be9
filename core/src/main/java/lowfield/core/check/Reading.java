package lowfield.core.check;

import java.util.Optional;
import java.util.function.Function;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Spec;

/** A named figure of a kind of part: "length of a graphics card". Its name is the one that the kind's schema gives it. */
public record Reading<S extends Spec, T>(
        Kind kind, Class<S> type, String field, String name, Function<S, Figure<T>> figure) {

    /** Every reading is of a figure that the kind really has. */
    static <S extends Spec, T> Reading<S, T> of(Kind kind, Class<S> type, String field, Function<S, Figure<T>> figure) {
        var label = kind.schema().field(field).orElseThrow().label();
        return new Reading<>(kind, type, field, label, figure);
    }

    /**
     * The figure of a line's choice. What comes in another part's box or on the board, and what is deliberately none, has
     * no figures to ask for; anything else that is not a catalogue part has none that is known.
     */
    Figure<T> from(Line line) {
        if (line.choice() instanceof Choice.None
                || line.choice() instanceof Choice.InTheBox
                || line.choice() instanceof Choice.OnTheBoard) {
            return Figure.notApplicable();
        }
        var part = line.choice().part();
        return part.isPresent() ? of(part.get()) : Figure.notKnown();
    }

    /** This figure of a part; not known of a part of another kind. */
    public Figure<T> of(Part part) {
        return type.isInstance(part.spec()) ? figure.apply(type.cast(part.spec())) : Figure.notKnown();
    }

    /** This figure of one line, to be asked for. */
    Asked<T> of(Line line) {
        return new Asked<>(this, line);
    }

    /** A figure of a line, with what to say when it is missing. */
    record Asked<T>(Reading<?, T> reading, Line line) {
        Figure<T> figure() {
            return reading.from(line);
        }

        Optional<Gap> gap() {
            return line.choice().part().map(p -> new Gap(p.id(), reading.field(), reading.name()));
        }
    }
}
