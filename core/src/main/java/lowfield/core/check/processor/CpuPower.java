package lowfield.core.check.processor;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;
import static lowfield.core.check.figures.PsuFigures.PSU_PROCESSOR_PLUGS;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.power.PowerLoad;
import lowfield.core.guide.Slot;

/** Whether the motherboard's VRM and the EPS plugs carry the CPU. */
public final class CpuPower {
    /** A listed CPU up to this limit is taken to run on any motherboard that lists it, in watts. */
    private static final int ANY_VRM_CARRIES = 170;
    /** One 8-pin EPS plug is enough up to this limit, in watts. */
    private static final int ONE_PLUG_CARRIES = 200;

    private static final View LIMIT = View.of(Slot.PROCESSOR, CPU_LIMIT);

    public static final List<Check> ALL = List.of(
            advises("power-delivery", "The motherboard's VRM carries the CPU at its default limit")
                    .seeing(LIMIT, View.of(Slot.MOTHERBOARD, BOARD_POWER_DELIVERY))
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("carries", "The CPU's maximum power is %s W; the VRM carries %s W.")
                    .fits("usual", "The CPU's maximum power is %s W; a motherboard that lists it usually carries that.")
                    .caution(
                            "short",
                            "The CPU's maximum power is %s W; the VRM was measured to carry only %s W. Set a lower power limit or choose another motherboard.")
                    .eachPair(CpuPower::vrm),
            decides("processor-plugs", "The PSU has the EPS plugs that the motherboard asks for")
                    .seeing(
                            View.of(Slot.MOTHERBOARD, BOARD_PROCESSOR_PLUGS),
                            View.of(Slot.POWER_SUPPLY, PSU_PROCESSOR_PLUGS),
                            LIMIT)
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("all", "The motherboard has %s EPS sockets; the PSU has %s plugs.")
                    .note("one-is-enough", "The motherboard has %s EPS sockets and the PSU %s plugs; one carries %s W.")
                    .caution(
                            "one-is-tight",
                            "The motherboard has %s EPS sockets and the PSU %s plugs; above 200 W both should be plugged in.",
                            "The PSU fills only %2$s of the motherboard's %1$s EPS sockets.")
                    .clash("none", "The motherboard has %s EPS sockets; the PSU has no such plug.")
                    .eachPair(CpuPower::plugs));

    private CpuPower() {}

    private static void vrm(Seen cpu, Seen board, Inputs in, FindingCollector.About tell) {
        tell.with(cpu.get(CPU_LIMIT), own -> {
            var watts = in.derived(PowerLoad.CPU_WATTS).or(own);
            var carries = board.figure(BOARD_POWER_DELIVERY).value();
            if (carries.isPresent()) {
                tell.say(watts <= carries.get() ? "carries" : "short", watts, carries.get());
            } else if (watts <= ANY_VRM_CARRIES) {
                tell.say("usual", watts);
            } else {
                tell.missing(board.get(BOARD_POWER_DELIVERY));
            }
        });
    }

    private static void plugs(Seen board, Seen psu, Inputs in, FindingCollector.About tell) {
        tell.with(board.get(BOARD_PROCESSOR_PLUGS), psu.get(PSU_PROCESSOR_PLUGS), (wanted, there) -> {
            if (there >= wanted) {
                tell.say("all", wanted, there);
            } else if (there == 0) {
                tell.say("none", wanted);
            } else {
                in.first(LIMIT)
                        .ifPresent(cpu -> tell.with(cpu.get(CPU_LIMIT), own -> {
                            var watts = in.derived(PowerLoad.CPU_WATTS).or(own);
                            tell.say(
                                    watts <= ONE_PLUG_CARRIES ? "one-is-enough" : "one-is-tight", wanted, there, watts);
                        }));
            }
        });
    }
}
