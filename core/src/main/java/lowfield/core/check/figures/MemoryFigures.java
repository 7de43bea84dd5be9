package lowfield.core.check.figures;

import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Memory;

/** The figures of a memory kit that checks read. */
public final class MemoryFigures {
    public static final FigureRef<Memory, String> MEMORY_GENERATION = ref("generation", Memory::generation);
    public static final FigureRef<Memory, String> MEMORY_KIND = ref("kind", Memory::kind);
    public static final FigureRef<Memory, Integer> MEMORY_MODULES = ref("modules", Memory::modules);
    public static final FigureRef<Memory, Integer> MEMORY_MODULE_SIZE = ref("moduleSize", Memory::moduleSize);
    public static final FigureRef<Memory, Integer> MEMORY_SPEED = ref("speed", Memory::speed);
    public static final FigureRef<Memory, Integer> MEMORY_BASE_SPEED = ref("baseSpeed", Memory::baseSpeed);
    public static final FigureRef<Memory, Integer> MEMORY_RANKS = ref("ranks", Memory::ranks);
    public static final FigureRef<Memory, Integer> MEMORY_HEIGHT = ref("height", Memory::height);
    public static final FigureRef<Memory, String> MEMORY_KIT = ref("kit", Memory::kit);
    public static final FigureRef<Memory, Boolean> MEMORY_CORRECTS = ref("corrects", Memory::corrects);
    public static final FigureRef<Memory, String> MEMORY_COLOUR = ref("colour", Memory::colour);
    public static final FigureRef<Memory, Boolean> MEMORY_LIT = ref("lit", Memory::lit);

    private MemoryFigures() {}

    private static <T> FigureRef<Memory, T> ref(String field, Function<Memory, Figure<T>> figure) {
        return FigureRef.of(Kind.MEMORY, field, figure);
    }
}
