package lowfield.core.check.memory;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.PART;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MemoryFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Check;
import lowfield.core.check.FigureRef;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether memory and motherboard go together: generation, type, slots, capacity, and kits among themselves. */
public final class MemoryFit {
    /** Modules that a controller needs to work with clock drivers of their own. */
    private static final String CLOCKED = "clocked unbuffered";

    private static final View TYPE = View.of(Slot.MEMORY, MEMORY_KIND);
    private static final View COUNT = View.of(Slot.MEMORY, MEMORY_MODULES, SOURCE, QUANTITY);
    private static final View KITS = View.of(Slot.MEMORY, MEMORY_MODULES, SOURCE, QUANTITY, PART);
    private static final View SIZES = View.of(Slot.MEMORY, MEMORY_MODULES, MEMORY_MODULE_SIZE, SOURCE, QUANTITY);
    private static final View SLOTS = View.of(Slot.MOTHERBOARD, BOARD_MEMORY_SLOTS);
    private static final View CAPACITY =
            View.of(Slot.MOTHERBOARD, BOARD_MEMORY_MOST, BOARD_MODULE_MOST, BOARD_ODD_MODULES);
    private static final View CPU_CAPACITY = View.of(Slot.PROCESSOR, CPU_MEMORY_MOST);
    private static final View GRAPHICS = View.of(Slot.PROCESSOR, CPU_GRAPHICS);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, SOURCE);

    public static final List<Check> ALL = List.of(
            decides("memory-generation", "Memory and motherboard are of one generation")
                    .seeing(View.of(Slot.MEMORY, MEMORY_GENERATION), View.of(Slot.MOTHERBOARD, BOARD_MEMORY_GENERATION))
                    .fits("same", "Memory and motherboard are both %s.")
                    .clash("other", "The memory is %s; the motherboard takes %s.")
                    .eachPair((memory, board, in, tell) -> tell.with(
                            memory.get(MEMORY_GENERATION), board.get(BOARD_MEMORY_GENERATION), (is, takes) -> {
                                if (is.equals(takes)) {
                                    tell.say("same", is);
                                } else {
                                    tell.say("other", is, takes);
                                }
                            })),
            decides("memory-kind", "The motherboard takes memory of this type")
                    .seeing(TYPE, View.of(Slot.MOTHERBOARD, BOARD_MEMORY_KINDS))
                    .fits("takes", "The memory is %s; the motherboard takes %s.")
                    .caution(
                            "clocked",
                            "The memory is %s; the motherboard's maker names only %s, and such modules may run without their clock driver.")
                    .clash("other", "The memory is %s; the motherboard takes only %s.")
                    .eachPair((memory, board, in, tell) ->
                            tell.with(memory.get(MEMORY_KIND), board.get(BOARD_MEMORY_KINDS), (is, takes) -> {
                                if (takes.contains(is)) {
                                    tell.say("takes", is, takes);
                                } else {
                                    tell.say(is.equals(CLOCKED) ? "clocked" : "other", is, takes);
                                }
                            })),
            decides("memory-slots", "There are no more memory modules than slots")
                    .seeing(COUNT, SLOTS)
                    .fits("enough", "%s memory modules; the motherboard has %s slots.")
                    .clash("too-many", "%s memory modules; the motherboard has only %s slots.")
                    .by((in, tell) -> {
                        var kits = in.there(COUNT);
                        for (var board : in.lines(SLOTS)) {
                            var about = tell.about(kits, board);
                            about.with(board.get(BOARD_MEMORY_SLOTS), slots -> {
                                var modules = modules(kits);
                                if (modules > slots) {
                                    about.say("too-many", modules, slots);
                                } else if (isKnown(kits, MEMORY_MODULES, about) && !kits.isEmpty()) {
                                    about.say("enough", modules, slots);
                                }
                            });
                        }
                    }),
            decides("memory-capacity", "Motherboard and CPU take this much memory, in modules of this size")
                    .seeing(SIZES, CAPACITY, CPU_CAPACITY)
                    .fits("takes", "%s GB of memory; motherboard and CPU take %s GB.")
                    .note(
                            "update",
                            "Modules of %s GB need BIOS version %s or newer on this motherboard.",
                            "Modules of this size need BIOS version %2$s or newer; update it before you fit them.")
                    .clash("too-much", "%s GB of memory; motherboard and CPU take only %s GB.")
                    .clash("module", "Modules of %s GB; the motherboard takes modules of up to %s GB.")
                    .by(MemoryFit::capacity),
            advises("memory-pair", "Memory modules work in pairs")
                    .seeing(COUNT, GRAPHICS, CARD)
                    .fits("pairs", "%s memory modules, in pairs.")
                    .caution("single", "A single memory module halves the bandwidth; a pair was probably meant.")
                    .caution(
                            "single-integrated",
                            "A single memory module halves the bandwidth, and the integrated graphics live on it.",
                            "A second memory module would speed up the integrated graphics a lot.")
                    .caution("odd", "%s memory modules are an odd number; they work in pairs.")
                    .by(MemoryFit::pair),
            advises("memory-mixed", "All memory comes from one kit")
                    .seeing(KITS)
                    .fits("one", "All memory comes from one kit.")
                    .caution(
                            "same-twice",
                            "The same kit is on the list %s times; kits are sold as such because modules of two need not match.")
                    .caution(
                            "mixed",
                            "%s different memory kits are mixed; no maker promises that they work together.",
                            "Different memory kits are mixed here; no maker promises that.")
                    .by(MemoryFit::mixed));

    private MemoryFit() {}

    private static int modules(List<Seen> kits) {
        var modules = 0;
        for (var kit : kits) {
            modules += kit.or(MEMORY_MODULES, 0) * kit.or(QUANTITY, 1);
        }
        return modules;
    }

    /** Whether a figure is known of all; the first that is missing is told. */
    private static boolean isKnown(List<Seen> kits, FigureRef<?, Integer> figure, FindingCollector.About tell) {
        for (var kit : kits) {
            if (!kit.figure(figure).isKnown()) {
                tell.missing(kit.get(figure));
                return false;
            }
        }
        return true;
    }

    private static void capacity(Inputs in, FindingCollector tell) {
        var kits = in.there(SIZES);
        if (kits.isEmpty()) {
            return;
        }
        var cpuMost = Integer.MAX_VALUE;
        var unknown = Optional.<Seen>empty();
        for (var cpu : in.lines(CPU_CAPACITY)) {
            cpuMost = Math.min(cpuMost, cpu.or(CPU_MEMORY_MOST, cpuMost));
            unknown = cpu.get(CPU_MEMORY_MOST).isMissing() ? Optional.of(cpu) : unknown;
        }
        for (var board : in.lines(CAPACITY)) {
            capacity(kits, board, cpuMost, unknown, tell.about(kits, board));
        }
    }

    private static void capacity(
            List<Seen> kits, Seen board, int cpuMost, Optional<Seen> unknown, FindingCollector.About tell) {
        var total = 0;
        var largest = 0;
        for (var kit : kits) {
            var size = kit.or(MEMORY_MODULE_SIZE, 0);
            total += kit.or(MEMORY_MODULES, 0) * size * kit.or(QUANTITY, 1);
            largest = Math.max(largest, size);
        }
        var all = total;
        var size = largest;
        tell.with(board.get(BOARD_MEMORY_MOST), board.get(BOARD_MODULE_MOST), (most, module) -> {
            if (all > Math.min(most, cpuMost)) {
                tell.say("too-much", all, Math.min(most, cpuMost));
            } else if (size > module) {
                tell.say("module", size, module);
            } else if (unknown.isPresent()) {
                tell.missing(unknown.get().get(CPU_MEMORY_MOST));
            } else if (isKnown(kits, MEMORY_MODULES, tell) && isKnown(kits, MEMORY_MODULE_SIZE, tell)) {
                firmware(board, size, all, Math.min(most, cpuMost), tell);
            }
        });
    }

    /** 24 and 48 GB modules came later than most motherboards. */
    private static void firmware(Seen board, int size, int all, int most, FindingCollector.About tell) {
        if (Integer.bitCount(size) <= 1) {
            tell.say("takes", all, most);
            return;
        }
        tell.with(board.get(BOARD_ODD_MODULES), from -> {
            if (from.equals("any")) {
                tell.say("takes", all, most);
            } else {
                tell.say("update", size, from);
            }
        });
    }

    private static void pair(Inputs in, FindingCollector tell) {
        var kits = in.there(COUNT);
        var about = tell.about(kits);
        if (kits.isEmpty() || !isKnown(kits, MEMORY_MODULES, about)) {
            return;
        }
        var modules = modules(kits);
        var hasCard = in.lines(CARD).stream().anyMatch(c -> c.or(SOURCE, Source.NONE) != Source.NONE);
        var isIntegrated = !hasCard && in.lines(GRAPHICS).stream().anyMatch(c -> c.or(CPU_GRAPHICS, false));
        if (modules == 1) {
            about.say(isIntegrated ? "single-integrated" : "single");
        } else {
            about.say(modules % 2 == 1 ? "odd" : "pairs", modules);
        }
    }

    private static void mixed(Inputs in, FindingCollector tell) {
        var kits = in.there(KITS);
        var parts = new HashSet<UUID>(4);
        var pieces = 0;
        for (var kit : kits) {
            kit.figure(PART).value().ifPresent(parts::add);
            pieces += kit.or(QUANTITY, 1);
        }
        if (parts.isEmpty()) {
            return;
        }
        if (parts.size() > 1) {
            tell.about(kits).say("mixed", parts.size());
        } else if (pieces == 1) {
            tell.about(kits).say("one");
        } else if (kits.stream().anyMatch(k -> k.or(MEMORY_MODULES, 1) > 1)) {
            tell.about(kits).say("same-twice", pieces);
        } else if (isKnown(kits, MEMORY_MODULES, tell.about(kits))) {
            tell.about(kits).say("one");
        }
    }
}
