package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.NetworkAdapter;

/** The figures of a network adapter that checks read. */
public final class NetworkFigures {
    public static final FigureRef<NetworkAdapter, String> NETWORK_BUS = ref("bus", NetworkAdapter::bus);
    public static final FigureRef<NetworkAdapter, Boolean> NETWORK_NEEDS_CHIPSET =
            ref("needsChipset", NetworkAdapter::needsChipset);
    public static final FigureRef<NetworkAdapter, Boolean> NETWORK_ANTENNAS = ref("antennas", NetworkAdapter::antennas);
    public static final FigureRef<NetworkAdapter, Integer> NETWORK_USB_2_HEADERS =
            ref("usb2Headers", NetworkAdapter::usb2Headers);

    private NetworkFigures() {}

    private static <T> FigureRef<NetworkAdapter, T> ref(String field, Function<NetworkAdapter, Figure<T>> figure) {
        return FigureRef.of(Kind.NETWORK, field, figure);
    }
}
