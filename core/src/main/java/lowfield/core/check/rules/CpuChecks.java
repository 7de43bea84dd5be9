package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.CONDITION;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;
import static lowfield.core.check.figures.PsuFigures.PSU_PROCESSOR_PLUGS;
import static lowfield.core.check.figures.SystemFigures.SYSTEM_NEEDS_TPM;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import lowfield.core.part.Figure;

/** CPU and motherboard: socket, BIOS version, and what each can and cannot do for the other. */
final class CpuChecks {
    /** A listed CPU up to this limit is taken to run on any motherboard that lists it, in watts. */
    private static final int ANY_VRM_CARRIES = 170;
    /** One 8-pin EPS plug is enough up to this limit, in watts. */
    private static final int ONE_PLUG_CARRIES = 200;

    private static final Set<String> PICTURE_PORTS =
            Set.of("HDMI", "DisplayPort", "VGA", "DVI", "USB-C with DisplayPort");

    private static final View SOCKET_OF_CPU = View.of(Slot.PROCESSOR, CPU_SOCKET);
    private static final View SOCKET_OF_BOARD = View.of(Slot.MOTHERBOARD, BOARD_SOCKET);
    private static final View FAMILY = View.of(Slot.PROCESSOR, CPU_FAMILY);
    private static final View BIOS = View.of(Slot.MOTHERBOARD, BOARD_FIRMWARE, BOARD_FIRMWARE_UNTIL, BOARD_FLASHES);
    private static final View LIMIT = View.of(Slot.PROCESSOR, CPU_LIMIT);
    private static final View GRAPHICS = View.of(Slot.PROCESSOR, CPU_GRAPHICS);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, SOURCE);
    private static final View OUTPUTS = View.of(Slot.MOTHERBOARD, BOARD_VIDEO_OUTPUTS, BOARD_REAR_PORTS);
    private static final View FAULT = View.of(Slot.PROCESSOR, CPU_FAULT, CPU_SAFE_FIRMWARE, CONDITION);
    private static final View SYSTEM = View.of(Slot.OPERATING_SYSTEM, SYSTEM_NEEDS_TPM);
    private static final View TPM = View.of(Slot.MOTHERBOARD, BOARD_TPM);
    private static final View SUPPORTED = View.of(Slot.PROCESSOR, CPU_SUPPORTED_BY_SYSTEM);

    static final List<Check> ALL = List.of(
            decides("socket", "CPU and motherboard have the same socket")
                    .seeing(SOCKET_OF_CPU, SOCKET_OF_BOARD)
                    .fits("same", "CPU and motherboard both have socket %s.")
                    .clash("other", "The CPU has socket %s; the motherboard has %s. Choose another CPU or motherboard.")
                    .eachPair((cpu, board, in, tell) ->
                            tell.with(cpu.get(CPU_SOCKET), board.get(BOARD_SOCKET), (has, takes) -> {
                                if (has.equals(takes)) {
                                    tell.say("same", has);
                                } else {
                                    tell.say("other", has, takes);
                                }
                            })),
            decides("processor-supported", "A BIOS version of the motherboard runs the CPU")
                    .seeing(FAMILY, BIOS)
                    .fits("any", "The motherboard runs %s with any BIOS version.")
                    .note(
                            "update-without-cpu",
                            "%s needs BIOS version %s; the motherboard can be updated without a CPU.",
                            "The CPU needs BIOS version %2$s. If your motherboard came with an older one, update it first; it works without a CPU.")
                    .caution(
                            "newer",
                            "%s needs BIOS version %s, and what is in the shop's box is not known. Ask the shop, or choose a motherboard that updates without a CPU.",
                            "The CPU needs BIOS version %2$s; ask the shop to confirm it before you order.")
                    .caution(
                            "older",
                            "%s runs up to BIOS version %s only; a newer version ends its support.",
                            "Do not update the BIOS past version %2$s: newer ones no longer run this CPU.")
                    .clash("not-listed", "The motherboard's CPU list names %s and not %s.")
                    .eachPair(CpuChecks::supported),
            advises("unlocked", "An unlocked CPU is on a motherboard that overclocks")
                    .seeing(View.of(Slot.PROCESSOR, CPU_UNLOCKED), View.of(Slot.MOTHERBOARD, BOARD_OVERCLOCKS))
                    .fits("match", "%s")
                    .note("not-used", "The CPU is unlocked and the motherboard cannot overclock it.")
                    .eachPair((cpu, board, in, tell) ->
                            tell.with(cpu.get(CPU_UNLOCKED), board.get(BOARD_OVERCLOCKS), (unlocked, overclocks) -> {
                                if (unlocked && !overclocks) {
                                    tell.say("not-used");
                                } else {
                                    tell.say(
                                            "match",
                                            unlocked
                                                    ? "The CPU is unlocked and the motherboard overclocks."
                                                    : "The CPU is locked; there is nothing to overclock.");
                                }
                            })),
            advises("power-delivery", "The motherboard's VRM carries the CPU at its default limit")
                    .seeing(LIMIT, View.of(Slot.MOTHERBOARD, BOARD_POWER_DELIVERY))
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("carries", "The CPU draws up to %s W; the VRM carries %s W.")
                    .fits("usual", "The CPU draws up to %s W; a motherboard that lists it usually carries that.")
                    .caution(
                            "short",
                            "The CPU draws up to %s W; the VRM was measured to carry only %s W. Set a lower power limit or choose another motherboard.")
                    .eachPair(CpuChecks::vrm),
            decides("processor-plugs", "The PSU has the EPS plugs that the motherboard asks for")
                    .seeing(
                            View.of(Slot.MOTHERBOARD, BOARD_PROCESSOR_PLUGS),
                            View.of(Slot.POWER_SUPPLY, PSU_PROCESSOR_PLUGS))
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("all", "The motherboard has %s EPS sockets; the PSU has %s plugs.")
                    .note("one-is-enough", "The motherboard has %s EPS sockets and the PSU %s plugs; one carries %s W.")
                    .caution(
                            "one-is-tight",
                            "The motherboard has %s EPS sockets and the PSU %s plugs; above 200 W both should be plugged in.",
                            "The PSU fills only %2$s of the motherboard's %1$s EPS sockets.")
                    .clash("none", "The motherboard has %s EPS sockets; the PSU has no such plug.")
                    .eachPair(CpuChecks::plugs),
            decides("picture", "A graphics card or integrated graphics drive the monitor")
                    .seeing(GRAPHICS, CARD, OUTPUTS)
                    .fits("card", "%s drives the monitor.")
                    .fits("integrated", "The CPU's integrated graphics drive the monitor.")
                    .clash("none", "There is no graphics card, and %s has no integrated graphics.")
                    .clash(
                            "no-output",
                            "There is no graphics card, and %s has no video output for the integrated graphics.")
                    .by(CpuChecks::picture),
            advises("socket-life", "How long new CPUs are expected for the socket")
                    .seeing(View.of(Slot.PROCESSOR, CPU_SOCKET_UNTIL))
                    .requiring(Requirement.YEAR)
                    .fits("years", "New CPUs for the socket are promised until %s.")
                    .note(
                            "last",
                            "New CPUs for the socket are promised until %s: this is near the end of the platform.",
                            "The platform is near its end: new CPUs are promised until %s.")
                    .each((cpu, in, tell) -> tell.with(cpu.get(CPU_SOCKET_UNTIL), until -> {
                        var isLast = in.required(Requirement.YEAR)
                                .filter(y -> y >= until)
                                .isPresent();
                        tell.say(isLast ? "last" : "years", until.toString());
                    })),
            advises("processor-fault", "A CPU with a published fault runs a BIOS version that mends it")
                    .seeing(FAULT)
                    .note(
                            "update",
                            "%s has a published fault (%s); BIOS version %s mends it.",
                            "Update the BIOS to version %3$s before you use the CPU: it mends a published fault.")
                    .caution(
                            "bought-used",
                            "%s has a published fault (%s) and is bought used; what it has been through is not known.",
                            "The CPU is bought used and has a published fault: %2$s.")
                    .each((cpu, in, tell) -> tell.with(cpu.get(CPU_FAULT), fault -> {
                        if (cpu.figure(CONDITION)
                                .value()
                                .filter(Condition::isUsed)
                                .isPresent()) {
                            tell.say("bought-used", cpu, fault);
                        } else {
                            tell.with(cpu.get(CPU_SAFE_FIRMWARE), version -> tell.say("update", cpu, fault, version));
                        }
                    })),
            advises("tpm", "The operating system finds the TPM that it asks for and supports the CPU")
                    .seeing(SYSTEM, TPM, SUPPORTED)
                    .fits("there", "The operating system asks for TPM 2.0; the motherboard has it.")
                    .firstStart(
                            "off",
                            "The motherboard's TPM 2.0 is off when it leaves the box; the operating system asks for it.",
                            "Switch the TPM on in the BIOS before you install the operating system.")
                    .caution(
                            "none",
                            "The operating system asks for TPM 2.0; the motherboard has none.",
                            "The operating system asks for TPM 2.0, which the motherboard lacks.")
                    .caution(
                            "cpu",
                            "%s is not on the operating system's list of supported CPUs.",
                            "The operating system's maker does not support this CPU.")
                    .eachThree(CpuChecks::tpm));

    private CpuChecks() {}

    private static void supported(Seen cpu, Seen board, Inputs in, FindingCollector.About tell) {
        tell.with(cpu.get(CPU_FAMILY), board.get(BOARD_FIRMWARE), (family, versions) -> {
            if (!versions.containsKey(family)) {
                tell.say("not-listed", versions.keySet(), family);
                return;
            }
            var from = versions.get(family);
            var until = board.figure(BOARD_FIRMWARE_UNTIL).value().map(m -> m.getOrDefault(family, ""));
            if (until.filter(u -> !u.isEmpty()).isPresent()) {
                tell.say("older", family, until.get());
            } else if (from.isEmpty()) {
                tell.say("any", family);
            } else {
                tell.with(
                        board.get(BOARD_FLASHES),
                        updates -> tell.say(updates ? "update-without-cpu" : "newer", family, from));
            }
        });
    }

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
                var watts = in.derived(PowerLoad.CPU_WATTS).value();
                var isEnough = watts.filter(w -> w <= ONE_PLUG_CARRIES).isPresent();
                tell.say(isEnough ? "one-is-enough" : "one-is-tight", wanted, there, watts.orElse(0));
            }
        });
    }

    private static void picture(Inputs in, FindingCollector tell) {
        var cards = in.lines(CARD);
        var drives = cards.stream()
                .filter(c -> c.or(SOURCE, Source.NONE) != Source.NONE)
                .findFirst();
        for (var cpu : in.lines(GRAPHICS)) {
            var about = tell.about(cards, cpu);
            if (drives.isPresent()) {
                about.say("card", drives.get());
                continue;
            }
            about.with(cpu.get(CPU_GRAPHICS), has -> {
                if (!has) {
                    about.say("none", cpu);
                } else if (in.lines(OUTPUTS).isEmpty()) {
                    about.say("integrated");
                } else {
                    in.lines(OUTPUTS).forEach(board -> output(board, tell.about(cards, cpu, board)));
                }
            });
        }
    }

    private static void output(Seen board, FindingCollector.About tell) {
        var ports = board.figure(BOARD_VIDEO_OUTPUTS).value().map(List::isEmpty);
        var words = board.figure(BOARD_REAR_PORTS).value().map(p -> p.stream().noneMatch(PICTURE_PORTS::contains));
        var isNone = ports.or(() -> words);
        if (isNone.isEmpty()) {
            tell.missing(board.get(BOARD_VIDEO_OUTPUTS));
        } else if (isNone.get()) {
            tell.say("no-output", board);
        } else {
            tell.say("integrated");
        }
    }

    private static void tpm(Seen system, Seen board, Seen cpu, Inputs in, FindingCollector.About tell) {
        tell.with(system.get(SYSTEM_NEEDS_TPM), needs -> {
            if (!needs) {
                return;
            }
            if (cpu.figure(CPU_SUPPORTED_BY_SYSTEM) instanceof Figure.Known<Boolean> supported && !supported.held()) {
                tell.say("cpu", cpu);
            }
            tell.with(board.get(BOARD_TPM), state -> {
                switch (state) {
                    case "2.0, on" -> tell.say("there");
                    case "2.0, off" -> tell.say("off");
                    default -> tell.say("none");
                }
            });
        });
    }
}
