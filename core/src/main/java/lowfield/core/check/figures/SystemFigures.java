package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.OperatingSystem;

/** The figures of an operating system that checks read. */
public final class SystemFigures {
    public static final FigureRef<OperatingSystem, Boolean> SYSTEM_NEEDS_TPM =
            ref("needsTpm", OperatingSystem::needsTpm);

    private SystemFigures() {}

    private static <T> FigureRef<OperatingSystem, T> ref(String field, Function<OperatingSystem, Figure<T>> figure) {
        return FigureRef.of(Kind.OPERATING_SYSTEM, field, figure);
    }
}
