package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Fan;

/** The figures of a case fan that checks read. */
public final class FanFigures {
    public static final FigureRef<Fan, Integer> FAN_SIZE = ref("size", Fan::size);
    public static final FigureRef<Fan, Integer> FAN_COUNT = ref("count", Fan::count);
    public static final FigureRef<Fan, Integer> FAN_NOISE = ref("noise", Fan::noise);
    public static final FigureRef<Fan, String> FAN_LIGHTING_PLUG = ref("lightingPlug", Fan::lightingPlug);
    public static final FigureRef<Fan, String> FAN_COLOUR = ref("colour", Fan::colour);
    public static final FigureRef<Fan, Integer> FAN_THICKNESS = ref("thickness", Fan::thickness);
    public static final FigureRef<Fan, Integer> FAN_CURRENT = ref("current", Fan::current);
    public static final FigureRef<Fan, Integer> FAN_PINS = ref("pins", Fan::pins);
    public static final FigureRef<Fan, Integer> FAN_HUB = ref("hub", Fan::hub);
    public static final FigureRef<Fan, Integer> FAN_SATA_PLUGS = ref("sataPlugs", Fan::sataPlugs);

    private FanFigures() {}

    private static <T> FigureRef<Fan, T> ref(String field, Function<Fan, Figure<T>> figure) {
        return FigureRef.of(Kind.FAN, field, figure);
    }
}
