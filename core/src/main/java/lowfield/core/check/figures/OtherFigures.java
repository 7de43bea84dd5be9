package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.OtherPart;

/** The figures of other parts that checks read. */
public final class OtherFigures {
    public static final FigureRef<OtherPart, Boolean> OTHER_HOLDS_CARD = ref("holdsCard", OtherPart::holdsCard);
    public static final FigureRef<OtherPart, Integer> OTHER_SATA_PLUGS = ref("sataPlugs", OtherPart::sataPlugs);

    private OtherFigures() {}

    private static <T> FigureRef<OtherPart, T> ref(String field, Function<OtherPart, Figure<T>> figure) {
        return FigureRef.of(Kind.OTHER, field, figure);
    }
}
