package lowfield.core.check.storage;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.figures.DriveFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether drives suit what they are for: size, NAND, endurance. */
public final class DriveChoice {
    /** The least that holds a system and a few games, in gigabytes. */
    private static final int LEAST = 500;

    private static final View INSIDE = View.of(Drives.SLOTS, DRIVE_CELLS_CHANGED);
    private static final View SYSTEM = View.of(Slot.SYSTEM_DRIVE, DRIVE_TYPE);
    private static final View SYSTEM_SIZE = View.of(Slot.SYSTEM_DRIVE, DRIVE_CAPACITY);
    private static final View CELLS_OF_SYSTEM = View.of(Slot.SYSTEM_DRIVE, DRIVE_CELLS, DRIVE_DRAM_CACHE, DRIVE_TYPE);
    private static final View ENDURANCE = View.of(Drives.SLOTS, DRIVE_ENDURANCE, DRIVE_CAPACITY, DRIVE_TYPE);
    /** Under this many terabytes written for each terabyte of capacity an SSD wears out early. */
    private static final int LEAST_ENDURANCE = 100;

    public static final List<Check> ALL = List.of(
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
                    .by((in, tell) -> in.each(
                            INSIDE,
                            drive -> drive.figure(DRIVE_CELLS_CHANGED)
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
            advises("drive-endurance", "An SSD's TBW stands in proportion to its capacity")
                    .seeing(ENDURANCE)
                    .fits("enough", "The SSD is rated for %s TBW at %s GB.")
                    .note("low", "The SSD is rated for only %s TBW at %s GB.")
                    .by((in, tell) -> in.each(ENDURANCE, drive -> {
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

    private DriveChoice() {}
}
