package lowfield.core.check.storage;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.DriveFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_SATA_PORTS;

import java.util.List;
import java.util.function.BiConsumer;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;

/** Whether drives find slots and ports: protocol, length, speed, cover. */
public final class DriveSlots {
    /** From this PCIe generation on a drive needs cooling. */
    private static final int HOT = 5;

    private static final View SHAPES = View.of(Drives.SLOTS, DRIVE_SHAPE, DRIVE_PROTOCOL, SOURCE, QUANTITY);
    private static final View SLOTS = View.of(Slot.MOTHERBOARD, BOARD_DRIVE_SLOTS);
    private static final View SPEEDS = View.of(Drives.SLOTS, DRIVE_GENERATION);
    private static final View COOLED = View.of(Drives.SLOTS, DRIVE_GENERATION, DRIVE_HEATSINK, DRIVE_DOUBLE_SIDED);
    private static final View PORTS = View.of(Slot.MOTHERBOARD, BOARD_SATA_PORTS, BOARD_DRIVE_SLOTS);

    public static final List<Check> ALL = List.of(
            decides("drive-slots", "Every M.2 drive has a slot of its protocol and length")
                    .seeing(SHAPES, SLOTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("each", "%s M.2 drives, each in a slot of the motherboard.")
                    .clash("none", "No slot of the motherboard takes %s (%s).")
                    .by(DriveSlots::slots),
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
                    .seeing(COOLED, SHAPES, SLOTS)
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
                    .by((in, tell) -> {
                        placed(COOLED, in, tell, (p, about) -> cover(in.same(p.drive(), COOLED), p, about));
                        notPlaced(in, tell);
                    }),
            decides("sata-ports", "Every SATA drive has a port on the motherboard")
                    .seeing(SHAPES, PORTS)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("enough", "%s SATA drives; the motherboard has %s ports%s.")
                    .clash("short", "%s SATA drives; the motherboard has only %s ports%s.")
                    .by(DriveSlots::ports));

    private DriveSlots() {}

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
            } else if (!layout.get().isCertain()) {
                about.missing(board.get(BOARD_DRIVE_SLOTS));
            } else if (!layout.get().left().isEmpty()) {
                var left = layout.get().left().get(0);
                about.say("none", left, left.or(DRIVE_SHAPE, "M.2"));
            } else if (!layout.get().placed().isEmpty()) {
                about.say("each", layout.get().placed().size());
            }
        }
    }

    private static boolean isMissing(List<Seen> drives, FindingCollector.About about) {
        var untold = drives.stream().flatMap(d -> Drives.untold(d).stream()).findFirst();
        untold.ifPresent(about::missing);
        return untold.isPresent();
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
        tell.with(drive.get(DRIVE_HEATSINK), heatsink -> {
            if (heatsink) {
                tell.say(covered ? "cover-off" : "own");
            } else if (covered) {
                tell.say(drive.or(DRIVE_DOUBLE_SIDED, false) ? "double-sided" : "covered");
            } else {
                tell.with(drive.get(DRIVE_GENERATION), generation -> {
                    if (generation >= HOT) {
                        tell.say("bare");
                    }
                });
            }
        });
    }

    /** Where nobody can say in which slot it goes, a drive that may run hot may be bare there. */
    private static void notPlaced(Inputs in, FindingCollector tell) {
        var board = in.first(SLOTS);
        var layout = in.derived(DriveLayout.OF_BUILD);
        if (board.isEmpty() || layout.filter(DriveLayout::isCertain).isPresent() && Drives.areTold(in.lines(SHAPES))) {
            return;
        }
        for (var drive : Drives.there(in.lines(SHAPES))) {
            var cooled = in.same(drive, COOLED);
            var isCool = cooled.or(DRIVE_HEATSINK, false)
                    || cooled.figure(DRIVE_GENERATION)
                            .value()
                            .filter(g -> g < HOT)
                            .isPresent();
            var isM2 = drive.get(DRIVE_SHAPE).isMissing() || Drives.isM2(drive);
            if (isM2 && !isCool) {
                tell.about(drive, board.get())
                        .missing(
                                Drives.untold(drive).orElseGet(() -> board.get().get(BOARD_DRIVE_SLOTS)));
            }
        }
    }

    private static void ports(Inputs in, FindingCollector tell) {
        var there = Drives.there(in.lines(SHAPES));
        there.forEach(d -> Drives.untold(d).ifPresent(figure -> tell.about(d).missing(figure)));
        var drives = there.stream()
                .filter(d ->
                        Drives.untold(d).isEmpty() && d.or(DRIVE_PROTOCOL, "").equals(Drives.SATA) && !Drives.isM2(d))
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
}
