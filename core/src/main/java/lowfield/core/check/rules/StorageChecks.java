package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_25;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_35;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_COMBINED;
import static lowfield.core.check.figures.DriveFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_SATA_PORTS;

import java.util.List;
import java.util.function.BiConsumer;
import lowfield.core.check.Check;
import lowfield.core.check.FigureRef;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.spec.Drive;

/** SSDs and hard disks: where each goes, how fast it runs there, and what its place costs elsewhere. */
final class StorageChecks {
    /** The least that holds a system and a few games, in gigabytes. */
    private static final int LEAST = 500;

    private static final String LARGE = "3.5 inch";
    private static final String SMALL = "2.5 inch";

    private static final View SHAPES = View.of(Drives.SLOTS, DRIVE_SHAPE, DRIVE_PROTOCOL, SOURCE, QUANTITY);
    private static final View SLOTS = View.of(Slot.MOTHERBOARD, BOARD_DRIVE_SLOTS);
    private static final View SPEEDS = View.of(Drives.SLOTS, DRIVE_GENERATION);
    private static final View COOLED = View.of(Drives.SLOTS, DRIVE_GENERATION, DRIVE_HEATSINK, DRIVE_DOUBLE_SIDED);
    private static final View IN_BAYS = View.of(Drives.SLOTS, DRIVE_SHAPE, SOURCE, QUANTITY);
    private static final View PORTS = View.of(Slot.MOTHERBOARD, BOARD_SATA_PORTS, BOARD_DRIVE_SLOTS);
    private static final View BAYS = View.of(Slot.CASE, CASE_BAYS_35, CASE_BAYS_25, CASE_BAYS_COMBINED);
    private static final View INSIDE = View.of(Drives.SLOTS, DRIVE_CELLS_CHANGED);
    private static final View SYSTEM = View.of(Slot.SYSTEM_DRIVE, DRIVE_TYPE);
    private static final View SYSTEM_SIZE = View.of(Slot.SYSTEM_DRIVE, DRIVE_CAPACITY);
    private static final View CELLS_OF_SYSTEM = View.of(Slot.SYSTEM_DRIVE, DRIVE_CELLS, DRIVE_DRAM_CACHE, DRIVE_TYPE);
    private static final View ENDURANCE = View.of(Drives.SLOTS, DRIVE_ENDURANCE, DRIVE_CAPACITY, DRIVE_TYPE);

    /** Under this many terabytes written for each terabyte of capacity an SSD wears out early. */
    private static final int LEAST_ENDURANCE = 100;

    static final List<Check> ALL = List.of(
            decides("drive-slots", "Every M.2 drive has a slot of its protocol and length")
                    .seeing(SHAPES, SLOTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("each", "%s M.2 drives, each in a slot of the motherboard.")
                    .clash("none", "No slot of the motherboard takes %s (%s).")
                    .by(StorageChecks::slots),
            advises("drive-speed", "No drive is faster than its slot")
                    .seeing(SPEEDS, SLOTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("same", "The PCIe %s.0 drive is in a PCIe %s.0 slot (%s).")
                    .note("slower", "The PCIe %s.0 drive is in a PCIe %s.0 slot (%s) and runs at the slot's speed.")
                    .by((in, tell) -> placed(SPEEDS, in, tell, (p, about) -> {
                        var slot = p.slot().generation();
                        about.with(in.same(p.drive(), SPEEDS).get(DRIVE_GENERATION), own -> {
                            if (!slot.isKnown()) {
                                in.first(SLOTS).ifPresent(b -> about.missing(b.get(BOARD_DRIVE_SLOTS)));
                            } else {
                                var name = p.slot().name().or("M.2");
                                about.say(own > slot.or(own) ? "slower" : "same", own, slot.or(own), name);
                            }
                        });
                    })),
            advises("drive-cover", "An M.2 drive goes under the motherboard's cover, or has a heatsink of its own")
                    .seeing(COOLED, SLOTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("covered", "The drive goes under the motherboard's cover.")
                    .fits("own", "The drive has a heatsink of its own.")
                    .note(
                            "cover-off",
                            "The drive has a heatsink of its own; the cover of its slot must come off.",
                            "Leave the motherboard's cover off the slot: the drive has a heatsink of its own.")
                    .note("double-sided", "The drive is double-sided; the cover of its slot cools one side.")
                    .caution(
                            "bare",
                            "A PCIe 5.0 drive without a heatsink is in a slot without a cover.",
                            "Add a heatsink to the SSD; it gets hot.")
                    .by((in, tell) ->
                            placed(COOLED, in, tell, (p, about) -> cover(in.same(p.drive(), COOLED), p, about))),
            decides("sata-ports", "Every SATA drive has a port on the motherboard")
                    .seeing(SHAPES, PORTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("enough", "%s SATA drives; the motherboard has %s ports%s.")
                    .clash("short", "%s SATA drives; the motherboard has only %s ports%s.")
                    .by(StorageChecks::ports),
            decides("drive-bays", "Every 2.5-inch and 3.5-inch drive has a bay")
                    .seeing(IN_BAYS, BAYS)
                    .fits("enough", "%s drives for a bay; the case has room for them.")
                    .caution(
                            "no-small",
                            "%s 2.5-inch drives; the case has bays for only %s. An SSD can be taped down.",
                            "Fix the 2.5-inch SSD with tape; the case has no bay for it.")
                    .clash("no-large", "%s 3.5-inch drives; the case has bays for only %s.")
                    .by(StorageChecks::bays),
            advises("system-drive", "The operating system is on an SSD")
                    .seeing(SYSTEM)
                    .fits("ssd", "The operating system is on an SSD.")
                    .caution(
                            "slow",
                            "The system drive is a %s. Put the operating system on an SSD.",
                            "The operating system is on a %s; an SSD makes the whole computer faster.")
                    .each((drive, in, tell) -> tell.with(drive.get(DRIVE_TYPE), type -> {
                        if (type.equals("solid-state")) {
                            tell.say("ssd");
                        } else {
                            tell.say("slow", type);
                        }
                    })),
            advises("drive-size", "The system drive holds an operating system and a few games")
                    .seeing(SYSTEM_SIZE)
                    .fits("enough", "%s GB for the operating system and games.")
                    .caution("small", "%s GB; under %s GB a few games fill it.", "%s GB fill up with a few games.")
                    .each((drive, in, tell) -> tell.with(
                            drive.get(DRIVE_CAPACITY),
                            size -> tell.say(size >= LEAST ? "enough" : "small", size, LEAST))),
            advises("drive-cells", "What is in the drive is what was in it when it was tested")
                    .seeing(INSIDE)
                    .note(
                            "changed",
                            "%s is sold under one name with other parts inside: %s.",
                            "This SSD is sold with different parts inside: %2$s.")
                    .by((in, tell) -> in.lines(INSIDE)
                            .forEach(drive -> drive.figure(DRIVE_CELLS_CHANGED)
                                    .value()
                                    .filter(what -> !what.isEmpty())
                                    .ifPresent(what -> tell.about(drive).say("changed", drive, what)))),
            advises("drive-nand", "The system drive's NAND suits what it is used for")
                    .seeing(CELLS_OF_SYSTEM)
                    .fits("suits", "The system drive has %s NAND%s.")
                    .note("qlc", "The system drive has QLC NAND without a DRAM cache; long writes slow down.")
                    .each((drive, in, tell) -> {
                        if (drive.or(DRIVE_TYPE, "").equals("solid-state")) {
                            tell.with(drive.get(DRIVE_CELLS), cells -> {
                                var isQlc = cells.equals("QLC") || cells.equals("4 bits");
                                if (isQlc && !drive.or(DRIVE_DRAM_CACHE, false)) {
                                    tell.say("qlc");
                                } else {
                                    tell.say(
                                            "suits",
                                            cells,
                                            drive.or(DRIVE_DRAM_CACHE, false) ? " and a DRAM cache" : "");
                                }
                            });
                        }
                    }),
            advises("drive-endurance", "An SSD's endurance stands in proportion to its capacity")
                    .seeing(ENDURANCE)
                    .fits("enough", "The SSD is rated for %s TBW at %s GB.")
                    .note("low", "The SSD is rated for only %s TBW at %s GB.")
                    .by((in, tell) -> in.lines(ENDURANCE).forEach(drive -> {
                        if (drive.or(DRIVE_TYPE, "").equals("solid-state")) {
                            drive.figure(DRIVE_ENDURANCE)
                                    .value()
                                    .ifPresent(tbw -> drive.figure(DRIVE_CAPACITY)
                                            .value()
                                            .ifPresent(size -> tell.about(drive)
                                                    .say(
                                                            tbw * 1000L < (long) size * LEAST_ENDURANCE
                                                                    ? "low"
                                                                    : "enough",
                                                            tbw,
                                                            size)));
                        }
                    })));

    private StorageChecks() {}

    private static void slots(Inputs in, FindingCollector tell) {
        var drives = Drives.there(in.lines(SHAPES));
        if (drives.isEmpty()) {
            return;
        }
        for (var board : in.lines(SLOTS)) {
            var about = tell.about(drives, board);
            var layout = in.derived(DriveLayout.OF_BUILD);
            if (isMissing(drives, about)) {
                continue;
            }
            if (layout.isEmpty()) {
                if (drives.stream().anyMatch(Drives::isM2)) {
                    about.missing(board.get(BOARD_DRIVE_SLOTS));
                }
            } else if (!layout.get().left().isEmpty()) {
                var left = layout.get().left().get(0);
                about.say("none", left, left.or(DRIVE_SHAPE, "M.2"));
            } else if (!layout.get().placed().isEmpty()) {
                about.say("each", layout.get().placed().size());
            }
        }
    }

    private static boolean isMissing(List<Seen> drives, FindingCollector.About about) {
        for (var drive : drives) {
            for (FigureRef<Drive, String> figure : List.of(DRIVE_SHAPE, DRIVE_PROTOCOL)) {
                if (drive.get(figure).isMissing()) {
                    about.missing(drive.get(figure));
                    return true;
                }
            }
        }
        return false;
    }

    private static void placed(
            View drives,
            Inputs in,
            FindingCollector tell,
            BiConsumer<DriveLayout.Placed, FindingCollector.About> code) {
        in.first(SLOTS)
                .ifPresent(board -> in.derived(DriveLayout.OF_BUILD)
                        .ifPresent(layout -> layout.placed()
                                .forEach(p -> code.accept(p, tell.about(in.same(p.drive(), drives), board)))));
    }

    private static void cover(Seen drive, DriveLayout.Placed placed, FindingCollector.About tell) {
        var covered = placed.slot().covered().or(false);
        var generation = drive.or(DRIVE_GENERATION, 0);
        tell.with(drive.get(DRIVE_HEATSINK), heatsink -> {
            if (heatsink) {
                tell.say(covered ? "cover-off" : "own");
            } else if (covered) {
                tell.say(drive.or(DRIVE_DOUBLE_SIDED, false) ? "double-sided" : "covered");
            } else if (generation >= 5) {
                tell.say("bare");
            }
        });
    }

    private static List<Seen> of(List<Seen> drives, String shape) {
        return Drives.there(drives).stream()
                .filter(d -> d.or(DRIVE_SHAPE, "").equals(shape))
                .toList();
    }

    private static void ports(Inputs in, FindingCollector tell) {
        var drives = Drives.there(in.lines(SHAPES)).stream()
                .filter(d -> d.or(DRIVE_PROTOCOL, "").equals(Drives.SATA) && !Drives.isM2(d))
                .toList();
        if (drives.isEmpty()) {
            return;
        }
        var wanted = Drives.pieces(drives);
        for (var board : in.lines(PORTS)) {
            var about = tell.about(drives, board);
            var layout = in.derived(DriveLayout.OF_BUILD);
            about.with(board.get(BOARD_SATA_PORTS), ports -> {
                var taken = layout.map(DriveLayout::sataPortsTaken).orElseGet(Figure::notKnown);
                if (wanted > ports) {
                    about.say("short", wanted, ports, "");
                } else if (!taken.isKnown()) {
                    about.missing(board.get(BOARD_DRIVE_SLOTS));
                } else {
                    var left = Math.max(0, ports - taken.or(0));
                    var why = taken.or(0) > 0 ? " that the M.2 drives leave free" : "";
                    about.say(wanted <= left ? "enough" : "short", wanted, left, why);
                }
            });
        }
    }

    /** Combined bays take one drive of either size and count once. */
    private static void bays(Inputs in, FindingCollector tell) {
        var large = of(in.lines(IN_BAYS), LARGE);
        var small = of(in.lines(IN_BAYS), SMALL);
        for (var box : in.lines(BAYS)) {
            var combined = box.or(CASE_BAYS_COMBINED, 0);
            var forLarge = Drives.pieces(large);
            if (!large.isEmpty()) {
                var about = tell.about(large, box);
                about.with(
                        box.get(CASE_BAYS_35),
                        bays -> about.say(
                                forLarge <= bays + combined ? "enough" : "no-large", forLarge, bays + combined));
            }
            if (!small.isEmpty()) {
                var about = tell.about(small, box);
                var taken = Math.max(0, forLarge - box.or(CASE_BAYS_35, 0));
                about.with(box.get(CASE_BAYS_25), bays -> {
                    var room = bays + Math.max(0, combined - taken);
                    var wanted = Drives.pieces(small);
                    about.say(wanted <= room ? "enough" : "no-small", wanted, room);
                });
            }
        }
    }
}
