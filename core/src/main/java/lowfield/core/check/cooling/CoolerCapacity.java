package lowfield.core.check.cooling;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOLD;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CoolerFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_BOXED_COOLER;
import static lowfield.core.check.figures.CpuFigures.CPU_COOLER_IN_BOX;
import static lowfield.core.check.figures.CpuFigures.CPU_LIMIT;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.power.PowerLoad;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Sold;

/** Whether the CPU has a cooler, and whether it carries the CPU. */
public final class CoolerCapacity {
    /** A CPU held to this share of its limit still runs as its maker promises, in percent. */
    private static final int LEAST_PERCENT = 65;

    private static final View BOX = View.of(Slot.PROCESSOR, CPU_COOLER_IN_BOX, SOLD);
    private static final View CHOSEN = View.of(Slot.COOLER, SOURCE);
    private static final View CPU = View.of(Slot.PROCESSOR, CPU_LIMIT, CPU_BOXED_COOLER, CPU_COOLER_IN_BOX, SOLD);
    private static final View CAPACITY = View.of(Slot.COOLER, COOLER_CAPACITY, SOURCE);

    public static final List<Check> ALL = List.of(
            decides("cooler-present", "The CPU has a cooler: one that is chosen, or the boxed one")
                    .seeing(BOX, CHOSEN)
                    .fits("chosen", "%s cools the CPU.")
                    .fits("owned", "The reader has a cooler.")
                    .fits("boxed", "A cooler comes with the CPU.")
                    .note("extra", "A cooler comes with the CPU, and %s is chosen. Say what the extra buys.")
                    .clash("used", "%s is bought used and comes without its boxed cooler; none is chosen.")
                    .clash("without", "%s is sold without its boxed cooler; none is chosen.")
                    .clash("none", "No cooler comes with %s and none is chosen.")
                    .by(CoolerCapacity::present),
            advises("cooler-capacity", "The cooler carries the CPU at the motherboard's defaults")
                    .seeing(CPU, CAPACITY)
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("carries", "The CPU's maximum power is %s W; the cooler carries %s W.")
                    .firstStart(
                            "limit",
                            "The CPU's maximum power is %s W and the cooler carries %s W; set that power limit.",
                            "Set the CPU's power limit to %2$s W in the BIOS.")
                    .caution(
                            "too-weak",
                            "The CPU's maximum power is %s W; the cooler carries only %s W, less than 65%% of it.",
                            "The cooler is too weak for the CPU's full power.")
                    .by(CoolerCapacity::capacity));

    private CoolerCapacity() {}

    private static Optional<Seen> with(List<Seen> lines, java.util.function.Predicate<Source> holds) {
        return lines.stream().filter(l -> holds.test(l.or(SOURCE, Source.NONE))).findFirst();
    }

    private static void present(Inputs in, FindingCollector tell) {
        var coolers = in.lines(CHOSEN);
        for (var cpu : in.lines(BOX)) {
            var about = coolers.isEmpty() ? tell.about(cpu) : tell.about(cpu, coolers.get(0));
            var chosen = with(coolers, Source::isBought);
            if (chosen.isPresent()) {
                about.say(cpu.or(CPU_COOLER_IN_BOX, false) && brings(cpu) ? "extra" : "chosen", chosen.get());
            } else if (with(coolers, s -> s == Source.OWNED).isPresent()) {
                about.say("owned");
            } else {
                about.with(cpu.get(CPU_COOLER_IN_BOX), inBox -> {
                    if (!inBox) {
                        about.say("none", cpu);
                    } else if (brings(cpu)) {
                        about.say("boxed");
                    } else {
                        about.say(isUsed(cpu) ? "used" : "without", cpu);
                    }
                });
            }
        }
    }

    /** Whether a cooler in the box arrives with the CPU, as its offer sells it; without an offer it is bought new. */
    private static boolean brings(Seen cpu) {
        return cpu.or(SOLD, Sold.NEW).bringsBoxedCooler();
    }

    private static boolean isUsed(Seen cpu) {
        return cpu.or(SOLD, Sold.NEW).condition().isUsed();
    }

    private static void capacity(Inputs in, FindingCollector tell) {
        var coolers = in.lines(CAPACITY);
        for (var cpu : in.lines(CPU)) {
            for (var cooler : coolers) {
                var isBoxed = cooler.or(SOURCE, Source.NONE) == Source.IN_THE_BOX;
                if (isBoxed && !brings(cpu)) {
                    continue;
                }
                carries(
                        cpu,
                        isBoxed ? cpu.get(CPU_BOXED_COOLER) : cooler.get(COOLER_CAPACITY),
                        in,
                        tell.about(cpu, cooler));
            }
            if (coolers.isEmpty() && brings(cpu)) {
                var about = tell.about(cpu);
                about.with(cpu.get(CPU_COOLER_IN_BOX), inBox -> {
                    if (inBox) {
                        carries(cpu, cpu.get(CPU_BOXED_COOLER), in, about);
                    }
                });
            }
        }
    }

    private static void carries(Seen cpu, Seen.Asked<Integer> capacity, Inputs in, FindingCollector.About tell) {
        tell.with(cpu.get(CPU_LIMIT), capacity, (own, carries) -> {
            var watts = in.derived(PowerLoad.CPU_WATTS).or(own);
            if (watts <= carries) {
                tell.say("carries", watts, carries);
            } else {
                tell.say(carries * 100 >= watts * LEAST_PERCENT ? "limit" : "too-weak", watts, carries);
            }
        });
    }
}
