package lowfield.core.check.memory;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_CORRECTS;
import static lowfield.core.check.figures.MemoryFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether CPU, motherboard and memory correct errors where that is asked for. */
public final class ErrorCorrection {
    private static final View ECC = View.of(Slot.MEMORY, MEMORY_CORRECTS);
    private static final View BOARD_ECC = View.of(Slot.MOTHERBOARD, BOARD_CORRECTS);
    private static final View CPU_ECC = View.of(Slot.PROCESSOR, CPU_CORRECTS);

    public static final List<Check> ALL =
            List.of(advises("error-correction", "Where ECC is asked for, CPU, motherboard and memory all do it")
                    .seeing(ECC, BOARD_ECC, CPU_ECC)
                    .requiring(Requirement.ECC)
                    .fits("all", "CPU, motherboard and memory do ECC.")
                    .caution("memory", "ECC is asked for, and the memory is without it.")
                    .caution("board", "The memory does ECC, and the motherboard does not use it.")
                    .caution("cpu", "The memory does ECC, and the CPU does not use it.")
                    .by(ErrorCorrection::ecc));

    private ErrorCorrection() {}

    private static void ecc(Inputs in, FindingCollector tell) {
        if (!in.required(Requirement.ECC)) {
            return;
        }
        for (var memory : in.lines(ECC)) {
            for (var board : in.lines(BOARD_ECC)) {
                for (var cpu : in.lines(CPU_ECC)) {
                    ecc(memory, board, cpu, tell.about(memory, board, cpu));
                }
            }
        }
    }

    /** One that does not is enough to know; a figure is missing only where the others do. */
    private static void ecc(Seen memory, Seen board, Seen cpu, FindingCollector.About tell) {
        if (!memory.or(MEMORY_CORRECTS, true)) {
            tell.say("memory");
        } else if (!board.or(BOARD_CORRECTS, true)) {
            tell.say("board");
        } else if (!cpu.or(CPU_CORRECTS, true)) {
            tell.say("cpu");
        } else {
            Stream.of(memory.get(MEMORY_CORRECTS), board.get(BOARD_CORRECTS), cpu.get(CPU_CORRECTS))
                    .filter(Seen.Asked::isMissing)
                    .findFirst()
                    .ifPresentOrElse(tell::missing, () -> tell.say("all"));
        }
    }
}
