package lowfield.core.check.figures;

import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.Processor;

/** The figures of a CPU that checks read. */
public final class CpuFigures {
    public static final FigureRef<Processor, String> CPU_FAMILY = ref("family", Processor::family);
    public static final FigureRef<Processor, String> CPU_SOCKET = ref("socket", Processor::socket);
    public static final FigureRef<Processor, Integer> CPU_SOCKET_UNTIL = ref("socketUntil", Processor::socketUntil);
    public static final FigureRef<Processor, Integer> CPU_LIMIT = ref("limit", Processor::limit);
    public static final FigureRef<Processor, Boolean> CPU_UNLOCKED = ref("unlocked", Processor::unlocked);
    public static final FigureRef<Processor, Boolean> CPU_GRAPHICS = ref("graphics", Processor::graphics);
    public static final FigureRef<Processor, Boolean> CPU_COOLER_IN_BOX = ref("coolerInBox", Processor::coolerInBox);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_SPEED = ref("memorySpeed", Processor::memorySpeed);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_SPEED_FOUR =
            ref("memorySpeedFour", Processor::memorySpeedFour);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_SPEED_TWO_RANKS =
            ref("memorySpeedTwoRanks", Processor::memorySpeedTwoRanks);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_SPEED_FOUR_TWO_RANKS =
            ref("memorySpeedFourTwoRanks", Processor::memorySpeedFourTwoRanks);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_MOST = ref("memoryMost", Processor::memoryMost);
    public static final FigureRef<Processor, Integer> CPU_CARD_LANES = ref("cardLanes", Processor::cardLanes);
    public static final FigureRef<Processor, Integer> CPU_GENERATION = ref("generation", Processor::generation);
    public static final FigureRef<Processor, Set<String>> CPU_LEAVES_DEAD = ref("leavesDead", Processor::leavesDead);
    public static final FigureRef<Processor, Integer> CPU_MEMORY_CEILING =
            ref("memoryCeiling", Processor::memoryCeiling);
    public static final FigureRef<Processor, Integer> CPU_BOXED_COOLER = ref("boxedCooler", Processor::boxedCooler);
    public static final FigureRef<Processor, String> CPU_SAFE_FIRMWARE = ref("safeFirmware", Processor::safeFirmware);
    public static final FigureRef<Processor, Boolean> CPU_CORRECTS = ref("corrects", Processor::corrects);
    public static final FigureRef<Processor, String> CPU_FAULT = ref("fault", Processor::fault);
    public static final FigureRef<Processor, Boolean> CPU_SUPPORTED_BY_SYSTEM =
            ref("supportedBySystem", Processor::supportedBySystem);

    private CpuFigures() {}

    private static <T> FigureRef<Processor, T> ref(String field, Function<Processor, Figure<T>> figure) {
        return FigureRef.of(Kind.PROCESSOR, field, figure);
    }
}
