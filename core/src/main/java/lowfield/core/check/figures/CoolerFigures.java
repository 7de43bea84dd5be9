package lowfield.core.check.figures;

import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Cooler;

/** The figures of a CPU cooler that checks read. */
public final class CoolerFigures {
    public static final FigureRef<Cooler, Set<String>> COOLER_SOCKETS = ref("sockets", Cooler::sockets);
    public static final FigureRef<Cooler, Integer> COOLER_CAPACITY = ref("capacity", Cooler::capacity);
    public static final FigureRef<Cooler, Integer> COOLER_HEIGHT = ref("height", Cooler::height);
    public static final FigureRef<Cooler, Integer> COOLER_RADIATOR = ref("radiator", Cooler::radiator);
    public static final FigureRef<Cooler, Integer> COOLER_RADIATOR_THICKNESS =
            ref("radiatorThickness", Cooler::radiatorThickness);
    public static final FigureRef<Cooler, Integer> COOLER_TUBE = ref("tube", Cooler::tube);
    public static final FigureRef<Cooler, Integer> COOLER_MEMORY_CLEARANCE =
            ref("memoryClearance", Cooler::memoryClearance);
    public static final FigureRef<Cooler, Boolean> COOLER_FAN_RISES = ref("fanRises", Cooler::fanRises);
    public static final FigureRef<Cooler, Boolean> COOLER_PASTE = ref("paste", Cooler::paste);
    public static final FigureRef<Cooler, Integer> COOLER_NOISE = ref("noise", Cooler::noise);
    public static final FigureRef<Cooler, String> COOLER_COLOUR = ref("colour", Cooler::colour);
    public static final FigureRef<Cooler, String> COOLER_LIGHTING_PLUG = ref("lightingPlug", Cooler::lightingPlug);
    public static final FigureRef<Cooler, Boolean> COOLER_OVER_FIRST_SLOT = ref("overFirstSlot", Cooler::overFirstSlot);
    public static final FigureRef<Cooler, Set<String>> COOLER_BRACKET_SEPARATE =
            ref("bracketSeparate", Cooler::bracketSeparate);
    public static final FigureRef<Cooler, Integer> COOLER_RADIATOR_ALONE = ref("radiatorAlone", Cooler::radiatorAlone);
    public static final FigureRef<Cooler, Integer> COOLER_FAN_THICKNESS = ref("fanThickness", Cooler::fanThickness);
    public static final FigureRef<Cooler, Integer> COOLER_USB_2_HEADERS = ref("usb2Headers", Cooler::usb2Headers);
    public static final FigureRef<Cooler, Integer> COOLER_SATA_PLUGS = ref("sataPlugs", Cooler::sataPlugs);
    public static final FigureRef<Cooler, Boolean> COOLER_PUMP_BELOW_RADIATOR =
            ref("pumpBelowRadiator", Cooler::pumpBelowRadiator);

    private CoolerFigures() {}

    private static <T> FigureRef<Cooler, T> ref(String field, Function<Cooler, Figure<T>> figure) {
        return FigureRef.of(Kind.COOLER, field, figure);
    }
}
