package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.MEMORY;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.PROCESSOR;

import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Processor;

/** Memory against board and processor: kind, count, size, speed. */
final class MemoryChecks {
    private static final int FOUR = 4;

    static final List<Rule> ALL = List.of(
            decides("memory-generation", "Memory and board are of one generation")
                    .equal(
                            MEMORY,
                            MEMORY_GENERATION,
                            MOTHERBOARD,
                            BOARD_MEMORY_GENERATION,
                            "memory and board are both %1$s",
                            "memory is %s; the board takes %s"),
            decides("memory-kind", "The board takes memory of this kind")
                    .oneOf(
                            MEMORY,
                            MEMORY_KIND,
                            MOTHERBOARD,
                            BOARD_MEMORY_KINDS,
                            "memory is %s; the board takes %s",
                            "memory is %s; the board takes only %s"),
            decides("memory-slots", "There are no more memory modules than the board has slots")
                    .reading(MEMORY_MODULES, BOARD_MEMORY_SLOTS)
                    .by((scene, tell) -> kits(scene, MEMORY_MODULES, tell, MemoryChecks::slots)),
            decides("memory-capacity", "Board and processor take this much memory, in modules of this size")
                    .reading(
                            MEMORY_MODULES,
                            MEMORY_MODULE_SIZE,
                            BOARD_MEMORY_MOST,
                            BOARD_MODULE_MOST,
                            BOARD_ODD_MODULES,
                            PROCESSOR_MEMORY_MOST)
                    .by((scene, tell) -> kits(scene, MEMORY_MODULE_SIZE, tell, MemoryChecks::capacity)),
            advises("memory-speed", "Processor and board run the memory at its speed")
                    .reading(
                            MEMORY_SPEED,
                            MEMORY_KIT,
                            MEMORY_MODULES,
                            MEMORY_RANKS,
                            BOARD_MEMORY_SPEED,
                            BOARD_TESTED_KITS,
                            PROCESSOR_MEMORY_SPEED,
                            PROCESSOR_MEMORY_SPEED_FOUR,
                            PROCESSOR_MEMORY_SPEED_TWO_RANKS,
                            PROCESSOR_MEMORY_SPEED_FOUR_TWO_RANKS)
                    .by((scene, tell) -> {
                        for (var memory : scene.filled(MEMORY)) {
                            for (var board : scene.filled(MOTHERBOARD)) {
                                for (var processor : scene.filled(PROCESSOR)) {
                                    speed(scene, memory, board, processor, tell.about(memory, board, processor));
                                }
                            }
                        }
                    }),
            advises("memory-pair", "Memory comes in pairs")
                    .reading(MEMORY_MODULES)
                    .by((scene, tell) -> pair(added(scene), tell)),
            advises("memory-mixed", "All memory is of one kit's kind")
                    .concerning(MEMORY)
                    .by((scene, tell) -> {
                        var parts = different(scene.filled(MEMORY));
                        if (parts > 1) {
                            tell.about(scene.filled(MEMORY))
                                    .caution("%s different kits are mixed; no maker promises that", parts);
                        }
                    }));

    private MemoryChecks() {}

    private static int different(List<Line> kits) {
        var parts = new HashSet<UUID>(4);
        for (var kit : kits) {
            kit.choice().part().ifPresent(part -> parts.add(part.id()));
        }
        return parts.size();
    }

    /** What is told of all kits together against one board. */
    private interface KitsCode {
        void tell(Scene scene, List<Line> kits, Line board, Telling.About about);
    }

    /** All memory lines with the figure known, against each board; not known when one is missing. */
    private static void kits(Scene scene, Reading<?, Integer> figure, Telling tell, KitsCode code) {
        var kits = added(scene);
        if (kits.isEmpty()) {
            return;
        }
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(kits, board);
            var blank = Reading.firstMissing(kits, figure, MEMORY_MODULES);
            if (blank.isPresent()) {
                about.missing(blank.get());
            } else {
                code.tell(scene, kits, board, about);
            }
        }
    }

    private static int modules(List<Line> kits) {
        var modules = 0;
        for (var kit : kits) {
            modules += MEMORY_MODULES.from(kit).or(0) * kit.quantity();
        }
        return modules;
    }

    private static void slots(Scene scene, List<Line> kits, Line board, Telling.About tell) {
        tell.with(BOARD_MEMORY_SLOTS.of(board), slots -> {
            var modules = modules(kits);
            if (modules <= slots) {
                tell.fits("%s memory modules; the board has %s slots", modules, slots);
            } else {
                tell.clash("%s memory modules; the board has %s slots", modules, slots);
            }
        });
    }

    private static void capacity(Scene scene, List<Line> kits, Line board, Telling.About tell) {
        var total = 0;
        var size = 0;
        for (var kit : kits) {
            total += MEMORY_MODULES.from(kit).or(0)
                    * MEMORY_MODULE_SIZE.from(kit).or(0)
                    * kit.quantity();
            size = Math.max(size, MEMORY_MODULE_SIZE.from(kit).or(0));
        }
        var limit = Integer.MAX_VALUE;
        for (var processor : scene.filled(PROCESSOR)) {
            limit = Math.min(limit, PROCESSOR_MEMORY_MOST.from(processor).or(limit));
        }
        capacity(total, size, limit, board, tell);
    }

    private static void capacity(int total, int largest, int processorMost, Line board, Telling.About tell) {
        tell.with(BOARD_MEMORY_MOST.of(board), BOARD_MODULE_MOST.of(board), (most, module) -> {
            if (total > most || total > processorMost) {
                tell.clash("%s GB in all; board and processor take %s GB", total, Math.min(most, processorMost));
            } else if (largest > module) {
                tell.clash("modules of %s GB; the board takes modules of %s GB", largest, module);
            } else if (Integer.bitCount(largest) > 1) {
                odd(board, largest, tell);
            } else {
                tell.fits("%s GB in all; board and processor take %s GB", total, Math.min(most, processorMost));
            }
        });
    }

    /** 24 and 48 GB modules came later than most boards. */
    private static void odd(Line board, int size, Telling.About tell) {
        tell.with(BOARD_ODD_MODULES.of(board), from -> {
            if (from.equals("any")) {
                tell.fits("the board knows %s GB modules with any firmware", size);
            } else {
                tell.caution("modules of %s GB need firmware %s or newer on this board", size, from);
            }
        });
    }

    private static void speed(Scene scene, Line memory, Line board, Line processor, Telling.About tell) {
        var four = modules(scene.filled(MEMORY)) >= FOUR;
        var twoRanks = MEMORY_RANKS.from(memory).or(1) > 1;
        var load = (four ? " with four modules" : "") + (twoRanks ? (four ? " of two ranks" : " with two ranks") : "");
        tell.with(MEMORY_SPEED.of(memory), official(four, twoRanks).of(processor), (speed, promised) -> {
            if (speed <= promised) {
                tell.fits("memory %s MT/s; the processor is promised %s%s", speed, promised, load);
                return;
            }
            tell.with(BOARD_MEMORY_SPEED.of(board), most -> {
                if (speed > most) {
                    tell.caution(
                            "memory %s MT/s; the board runs at most %s, the rest is paid for nothing", speed, most);
                } else if (!four && tested(memory, board)) {
                    tell.fits("memory %s MT/s is on the board's tested list", speed);
                } else {
                    tell.caution(
                            "memory %s MT/s is over the processor's official %s%s: an overclock",
                            speed, promised, load);
                }
            });
        });
    }

    private static Reading<Processor, Integer> official(boolean four, boolean twoRanks) {
        if (twoRanks) {
            return four ? PROCESSOR_MEMORY_SPEED_FOUR_TWO_RANKS : PROCESSOR_MEMORY_SPEED_TWO_RANKS;
        }
        return four ? PROCESSOR_MEMORY_SPEED_FOUR : PROCESSOR_MEMORY_SPEED;
    }

    private static boolean tested(Line memory, Line board) {
        return MEMORY_KIT
                .from(memory)
                .value()
                .filter(kit -> BOARD_TESTED_KITS
                        .from(board)
                        .value()
                        .filter(list -> list.contains(kit))
                        .isPresent())
                .isPresent();
    }

    private static List<Line> added(Scene scene) {
        var kits = scene.filled(MEMORY);
        return scene.first(MEMORY, l -> l.choice() instanceof Choice.None).isPresent()
                ? kits.stream()
                        .filter(l -> !(l.choice() instanceof Choice.None))
                        .toList()
                : kits;
    }

    private static void pair(List<Line> kits, Telling telling) {
        var tell = telling.about(kits);
        var blank = Reading.firstMissing(kits, MEMORY_MODULES);
        var modules = modules(kits);
        if (blank.isPresent()) {
            tell.missing(blank.get());
        } else if (modules == 1) {
            tell.caution("a single module halves what the memory can carry; a pair was probably meant");
        } else if (modules % 2 == 1) {
            tell.caution("%s modules are an odd number; they work in pairs", modules);
        } else if (modules > 0) {
            tell.fits("%s modules, in pairs", modules);
        }
    }
}
