package lowfield.core.check.processor;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.CONDITION;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;
import static lowfield.core.check.figures.SystemFigures.SYSTEM_NEEDS_TPM;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;

/** Whether motherboard and operating system support the CPU, and for how long its socket lives. */
public final class CpuSupport {
    private static final View SOCKET_OF_CPU = View.of(Slot.PROCESSOR, CPU_SOCKET);
    private static final View SOCKET_OF_BOARD = View.of(Slot.MOTHERBOARD, BOARD_SOCKET);
    /** A platform whose last year is the next one is near its end, in years. */
    private static final int NEAR = 1;

    private static final View FAMILY = View.of(Slot.PROCESSOR, CPU_FAMILY);
    private static final View BIOS = View.of(Slot.MOTHERBOARD, BOARD_FIRMWARE, BOARD_FIRMWARE_UNTIL, BOARD_FLASHES);
    private static final View FAULT = View.of(Slot.PROCESSOR, CPU_FAULT, CPU_SAFE_FIRMWARE, CONDITION);
    private static final View SYSTEM = View.of(Slot.OPERATING_SYSTEM, SYSTEM_NEEDS_TPM);
    private static final View TPM = View.of(Slot.MOTHERBOARD, BOARD_TPM);
    private static final View SUPPORTED = View.of(Slot.PROCESSOR, CPU_SUPPORTED_BY_SYSTEM);

    public static final List<Check> ALL = List.of(
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
                            "between",
                            "%s runs on BIOS versions %s to %s only; a newer version ends its support.",
                            "The CPU needs BIOS version %2$s, and newer ones than %3$s no longer run it.")
                    .caution(
                            "older",
                            "%s runs up to BIOS version %s only; a newer version ends its support.",
                            "Do not update the BIOS past version %2$s: newer ones no longer run this CPU.")
                    .clash("not-listed", "The motherboard's CPU list names %s and not %s.")
                    .eachPair(CpuSupport::supported),
            advises("unlocked", "An unlocked CPU is on a motherboard that overclocks")
                    .seeing(View.of(Slot.PROCESSOR, CPU_UNLOCKED), View.of(Slot.MOTHERBOARD, BOARD_OVERCLOCKS))
                    .requiring(Requirement.OVERCLOCKING)
                    .fits("match", "%s")
                    .note("not-used", "The CPU is unlocked and the motherboard cannot overclock it.")
                    .caution("locked", "Tier promises overclocking: the CPU is locked.")
                    .caution("motherboard", "Tier promises overclocking: the motherboard cannot overclock.")
                    .eachPair((cpu, board, in, tell) ->
                            tell.with(cpu.get(CPU_UNLOCKED), board.get(BOARD_OVERCLOCKS), (unlocked, overclocks) -> {
                                var isAsked = in.required(Requirement.OVERCLOCKING);
                                if (isAsked && !unlocked) {
                                    tell.say("locked");
                                } else if (isAsked && !overclocks) {
                                    tell.say("motherboard");
                                } else if (unlocked && !overclocks) {
                                    tell.say("not-used");
                                } else {
                                    tell.say(
                                            "match",
                                            unlocked
                                                    ? "The CPU is unlocked and the motherboard overclocks."
                                                    : "The CPU is locked; there is nothing to overclock.");
                                }
                            })),
            advises("socket-life", "How long new CPUs are expected for the socket")
                    .seeing(View.of(Slot.PROCESSOR, CPU_SOCKET_UNTIL))
                    .requiring(Requirement.YEAR, Requirement.CPU_UPGRADE)
                    .fits("years", "New CPUs for the socket are promised until %s.")
                    .note(
                            "last",
                            "New CPUs for the socket are promised until %s: this is near the end of the platform.",
                            "The platform is near its end: new CPUs are promised until %s.")
                    .caution(
                            "upgrade",
                            "Tier promises a CPU upgrade: new CPUs for the socket are promised until %s only.",
                            "There may be no newer CPU for this motherboard: new ones are promised until %s.")
                    .each((cpu, in, tell) -> tell.with(cpu.get(CPU_SOCKET_UNTIL), until -> {
                        var isLast = in.required(Requirement.YEAR)
                                .filter(y -> y >= until - NEAR)
                                .isPresent();
                        var isPromised = in.required(Requirement.CPU_UPGRADE);
                        tell.say(!isLast ? "years" : isPromised ? "upgrade" : "last", until.toString());
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
                    .eachThree(CpuSupport::tpm));

    private CpuSupport() {}

    private static void supported(Seen cpu, Seen board, Inputs in, FindingCollector.About tell) {
        tell.with(cpu.get(CPU_FAMILY), board.get(BOARD_FIRMWARE), (family, versions) -> {
            if (!versions.containsKey(family)) {
                tell.say("not-listed", versions.keySet(), family);
                return;
            }
            var from = versions.get(family);
            var until = board.figure(BOARD_FIRMWARE_UNTIL).value().map(m -> m.getOrDefault(family, ""));
            if (until.filter(u -> !u.isEmpty()).isPresent()) {
                if (from.isEmpty()) {
                    tell.say("older", family, until.get());
                } else {
                    tell.say("between", family, from, until.get());
                }
            } else if (from.isEmpty()) {
                tell.say("any", family);
            } else {
                tell.with(
                        board.get(BOARD_FLASHES),
                        updates -> tell.say(updates ? "update-without-cpu" : "newer", family, from));
            }
        });
    }

    private static void tpm(Seen system, Seen board, Seen cpu, Inputs in, FindingCollector.About tell) {
        tell.with(system.get(SYSTEM_NEEDS_TPM), needs -> {
            if (!needs) {
                return;
            }
            tell.with(cpu.get(CPU_SUPPORTED_BY_SYSTEM), supported -> {
                if (!supported) {
                    tell.say("cpu", cpu);
                }
            });
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
