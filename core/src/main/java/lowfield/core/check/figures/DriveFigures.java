package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Drive;

/** The figures of an SSD or hard disk that checks read. */
public final class DriveFigures {
    public static final FigureRef<Drive, String> DRIVE_TYPE = ref("type", Drive::type);
    public static final FigureRef<Drive, Integer> DRIVE_CAPACITY = ref("capacity", Drive::capacity);
    public static final FigureRef<Drive, String> DRIVE_SHAPE = ref("shape", Drive::shape);
    public static final FigureRef<Drive, String> DRIVE_PROTOCOL = ref("protocol", Drive::protocol);
    public static final FigureRef<Drive, Integer> DRIVE_GENERATION = ref("generation", Drive::generation);
    public static final FigureRef<Drive, Integer> DRIVE_ENDURANCE = ref("endurance", Drive::endurance);
    public static final FigureRef<Drive, String> DRIVE_CELLS = ref("cells", Drive::cells);
    public static final FigureRef<Drive, String> DRIVE_CELLS_CHANGED = ref("cellsChanged", Drive::cellsChanged);
    public static final FigureRef<Drive, Boolean> DRIVE_DOUBLE_SIDED = ref("doubleSided", Drive::doubleSided);
    public static final FigureRef<Drive, Boolean> DRIVE_HEATSINK = ref("heatsink", Drive::heatsink);
    public static final FigureRef<Drive, Boolean> DRIVE_DRAM_CACHE = ref("dramCache", Drive::dramCache);

    private DriveFigures() {}

    private static <T> FigureRef<Drive, T> ref(String field, Function<Drive, Figure<T>> figure) {
        return FigureRef.of(Kind.DRIVE, field, figure);
    }
}
