package lowfield.core.check;

import java.util.function.Function;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Spec;

/** A named figure of whatever stands in a slot: "length of the graphics card". */
record Reading<S extends Spec, T>(Slot slot, Class<S> type, String name, Function<S, Figure<T>> figure) {

    static <S extends Spec, T> Reading<S, T> of(Slot slot, Class<S> type, String name, Function<S, Figure<T>> figure) {
        return new Reading<>(slot, type, name, figure);
    }

    /** The figure of a line's choice; anything that is not a catalogue part has none that is known. */
    Figure<T> from(Line line) {
        if (line.choice() instanceof Choice.None) {
            return Figure.notApplicable();
        }
        return line.choice().spec(type).map(figure).orElseGet(Figure::notKnown);
    }

    String missing(Line line) {
        return name + " of " + line.choice().label() + " is not known";
    }
}
