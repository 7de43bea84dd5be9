package lowfield.core.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Spec;

/** A named figure of a kind of part: "length of a graphics card". Its name is the one that the kind's schema gives it. */
public record Reading<S extends Spec, T>(Kind kind, String field, String name, Function<S, Figure<T>> figure) {

    /** Every reading is of a figure that the kind really has. */
    static <S extends Spec, T> Reading<S, T> of(Kind kind, Class<S> type, String field, Function<S, Figure<T>> figure) {
        var label = kind.schema().field(field).orElseThrow().label();
        return new Reading<>(kind, field, label, figure);
    }

    /**
     * The figure of a line's choice. What comes in another part's box or on the board, and what is deliberately none, has
     * no figures to ask for; anything else that is not a catalogue part has none that is known.
     */
    Figure<T> from(Line line) {
        var choice = line.choice();
        if (choice instanceof Choice.Chosen chosen) {
            return of(chosen.which());
        }
        if (choice instanceof Choice.VettedSet set) {
            return of(set.winner());
        }
        return choice instanceof Choice.None || choice instanceof Choice.InTheBox || choice instanceof Choice.OnTheBoard
                ? Figure.notApplicable()
                : Figure.notKnown();
    }

    /** This figure of a part; not known of a part of another kind. A part's figures are those of its kind. */
    @SuppressWarnings("unchecked")
    public Figure<T> of(Part part) {
        return part.kind() == kind ? figure.apply((S) part.spec()) : Figure.notKnown();
    }

    /** The first of some figures that is not known of one of the lines, line by line. */
    static Optional<Asked<?>> firstMissing(List<Line> lines, Reading<?, ?>... figures) {
        for (var line : lines) {
            for (var figure : figures) {
                if (!figure.from(line).isKnown()) {
                    return Optional.of(figure.of(line));
                }
            }
        }
        return Optional.empty();
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
