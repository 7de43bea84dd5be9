package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Lighting;

/** The figures of RGB lighting that checks read. */
public final class LightingFigures {
    public static final FigureRef<Lighting, String> LIGHTING_LIGHTING_PLUG =
            ref("lightingPlug", Lighting::lightingPlug);
    public static final FigureRef<Lighting, Boolean> LIGHTING_CONTROLLER = ref("controller", Lighting::controller);
    public static final FigureRef<Lighting, Integer> LIGHTING_USB_2_HEADERS = ref("usb2Headers", Lighting::usb2Headers);
    public static final FigureRef<Lighting, Integer> LIGHTING_SATA_PLUGS = ref("sataPlugs", Lighting::sataPlugs);

    private LightingFigures() {}

    private static <T> FigureRef<Lighting, T> ref(String field, Function<Lighting, Figure<T>> figure) {
        return FigureRef.of(Kind.LIGHTING, field, figure);
    }
}
