package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Cables;

/** The figures of cables that checks read. */
public final class CablesFigures {
    public static final FigureRef<Cables, String> CABLES_COLOUR = ref("colour", Cables::colour);

    private CablesFigures() {}

    private static <T> FigureRef<Cables, T> ref(String field, Function<Cables, Figure<T>> figure) {
        return FigureRef.of(Kind.CABLES, field, figure);
    }
}
