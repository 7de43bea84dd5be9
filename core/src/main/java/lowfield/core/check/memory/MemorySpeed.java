package lowfield.core.check.memory;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MemoryFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FigureRef;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.spec.Processor;

/** Whether CPU and motherboard run the memory at its speed. */
public final class MemorySpeed {
    private static final int FOUR = 4;
    private static final View FAST = View.of(
            Slot.MEMORY,
            MEMORY_SPEED,
            MEMORY_KIT,
            MEMORY_MODULES,
            MEMORY_MODULE_SIZE,
            MEMORY_RANKS,
            MEMORY_GENERATION,
            SOURCE,
            QUANTITY);
    private static final View BOARD_SPEED = View.of(Slot.MOTHERBOARD, BOARD_MEMORY_SPEED, BOARD_TESTED_KITS);
    private static final View CPU_SPEED = View.of(
            Slot.PROCESSOR,
            CPU_MEMORY_SPEED,
            CPU_MEMORY_SPEED_FOUR,
            CPU_MEMORY_SPEED_TWO_RANKS,
            CPU_MEMORY_SPEED_FOUR_TWO_RANKS,
            CPU_MEMORY_CEILING);

    public static final List<Check> ALL =
            List.of(advises("memory-speed", "CPU and motherboard run the memory at its speed")
                    .seeing(FAST, BOARD_SPEED, CPU_SPEED)
                    .fits("official", "Memory at %s MT/s; the CPU officially runs %s MT/s%s.")
                    .fits("tested", "Memory at %s MT/s is on the motherboard's tested list.")
                    .note(
                            "overclock",
                            "Memory at %s MT/s is above the CPU's official %s MT/s%s, which most of its family runs.")
                    .caution(
                            "board",
                            "Memory at %s MT/s; the motherboard runs at most %s MT/s.",
                            "The memory will run at %2$s MT/s at most.")
                    .caution(
                            "beyond",
                            "Memory at %s MT/s is above the CPU's official %s MT/s%s, and beyond what its family usually runs.",
                            "The memory may not reach %s MT/s; %s MT/s%s is what the CPU's maker promises.")
                    .eachThree(MemorySpeed::speed));

    private MemorySpeed() {}

    private static int modules(List<Seen> kits) {
        var modules = 0;
        for (var kit : kits) {
            modules += kit.or(MEMORY_MODULES, 0) * kit.or(QUANTITY, 1);
        }
        return modules;
    }

    private static void speed(Seen memory, Seen board, Seen cpu, Inputs in, FindingCollector.About tell) {
        var kits = in.there(FAST);
        var four = modules(kits) >= FOUR;
        var uncounted =
                kits.stream().filter(k -> k.get(MEMORY_MODULES).isMissing()).findFirst();
        if (!four && uncounted.isPresent()) {
            tell.missing(uncounted.get().get(MEMORY_MODULES));
            return;
        }
        var ranks = ranks(memory);
        if (ranks instanceof Figure.NotKnown) {
            tell.missing(memory.get(MEMORY_RANKS));
            return;
        }
        var twoRanks = ranks.or(2) > 1;
        var load = (four ? " with four modules" : "") + (twoRanks ? (four ? " of two ranks" : " with two ranks") : "");
        var isUsual = !memory.figure(MEMORY_RANKS).isKnown();
        tell.with(memory.get(MEMORY_SPEED), cpu.get(official(four, twoRanks)), (speed, promised) -> {
            if (speed <= promised) {
                tell.sayOn(isUsual, "official", speed, promised, load);
            } else {
                tell.with(board.get(BOARD_MEMORY_SPEED), most -> {
                    if (speed > most) {
                        tell.sayOn(isUsual, "board", speed, most);
                    } else if (!four && isTested(memory, board)) {
                        tell.sayOn(isUsual, "tested", speed);
                    } else {
                        overclocked(memory, cpu, four, speed, promised, load, isUsual, tell);
                    }
                });
            }
        });
    }

    private static void overclocked(
            Seen memory,
            Seen cpu,
            boolean four,
            int speed,
            int promised,
            String load,
            boolean isUsual,
            FindingCollector.About tell) {
        tell.with(cpu.get(CPU_MEMORY_CEILING), ceiling -> {
            if (speed > ceiling) {
                tell.sayOn(isUsual, "beyond", speed, promised, load);
            } else if (!four) {
                tell.sayOn(isUsual, "overclock", speed, promised, load);
            } else {
                tell.with(
                        memory.get(MEMORY_GENERATION),
                        generation -> tell.sayOn(
                                isUsual, generation.equals("DDR5") ? "beyond" : "overclock", speed, promised, load));
            }
        });
    }

    /** The ranks of a module, by figure or by what is usual for its size. */
    private static Figure<Integer> ranks(Seen memory) {
        var known = memory.figure(MEMORY_RANKS);
        return known.isKnown()
                ? known
                : UsualRanks.of(memory.or(MEMORY_GENERATION, ""), memory.or(MEMORY_MODULE_SIZE, 0));
    }

    private static FigureRef<Processor, Integer> official(boolean four, boolean twoRanks) {
        if (twoRanks) {
            return four ? CPU_MEMORY_SPEED_FOUR_TWO_RANKS : CPU_MEMORY_SPEED_TWO_RANKS;
        }
        return four ? CPU_MEMORY_SPEED_FOUR : CPU_MEMORY_SPEED;
    }

    private static boolean isTested(Seen memory, Seen board) {
        return memory.figure(MEMORY_KIT)
                .value()
                .filter(kit -> board.figure(BOARD_TESTED_KITS)
                        .value()
                        .filter(list -> list.contains(kit))
                        .isPresent())
                .isPresent();
    }
}
