package lowfield.core.check.figures;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.VideoPort;
import lowfield.core.part.spec.Screen;

/** The figures of a monitor that checks read. */
public final class MonitorFigures {
    public static final FigureRef<Screen, String> MONITOR_RESOLUTION = ref("resolution", Screen::resolution);
    public static final FigureRef<Screen, Integer> MONITOR_REFRESH = ref("refresh", Screen::refresh);
    public static final FigureRef<Screen, Set<String>> MONITOR_INPUTS = ref("inputs", Screen::inputs);
    public static final FigureRef<Screen, Set<String>> MONITOR_ADAPTIVE = ref("adaptive", Screen::adaptive);
    public static final FigureRef<Screen, List<VideoPort>> MONITOR_VIDEO_INPUTS =
            ref("videoInputs", Screen::videoInputs);

    private MonitorFigures() {}

    private static <T> FigureRef<Screen, T> ref(String field, Function<Screen, Figure<T>> figure) {
        return FigureRef.of(Kind.SCREEN, field, figure);
    }
}
