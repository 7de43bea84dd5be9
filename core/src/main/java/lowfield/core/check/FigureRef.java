package lowfield.core.check;

import java.util.function.Function;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Spec;

/** A named figure of a kind of part: "length of a graphics card". Its name is the one that the kind's schema gives it. */
public record FigureRef<S extends Spec, T>(Kind kind, String field, String name, Function<S, Figure<T>> figure)
        implements Input<T> {

    /** Every reference is to a figure that the kind really has. */
    public static <S extends Spec, T> FigureRef<S, T> of(Kind kind, String field, Function<S, Figure<T>> figure) {
        var label = kind.schema().field(field).orElseThrow().label();
        return new FigureRef<>(kind, field, label, figure);
    }

    @Override
    public String key() {
        return Tags.of(kind) + "." + field;
    }

    /** Whether more of it helps, less of it helps, or neither. */
    public Better sense() {
        return kind.schema().field(field).orElseThrow().better();
    }

    /** Whether makers print it only where it is so: absent, it is taken for none. */
    public boolean onlyWhereSo() {
        return kind.schema().field(field).orElseThrow().onlyWhereSo();
    }

    /**
     * The figure of a line's choice. What comes in another part's box or on the motherboard, and what is deliberately none,
     * has no figures to ask for; what is owned or unlisted has those of the part that it is like, and else none that is known.
     */
    @Override
    public Figure<T> of(Line line) {
        var choice = line.choice();
        if (choice instanceof Choice.Chosen chosen) {
            return of(chosen.which());
        }
        var part = choice.figures();
        if (part.isPresent()) {
            return of(part.get());
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
}
