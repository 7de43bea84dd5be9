package lowfield.core.check;

import static lowfield.core.check.Figures.*;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.DriveSlot;

/**
 * Which M.2 drive goes into which slot of the board. Every drive is placed if that can be done at all (augmenting paths:
 * Kuhn 1955); among the slots that take a drive, those that cost nothing elsewhere and are fast enough are tried first.
 */
final class DriveLayout {
    /** The lengths of the standard, in millimetres. */
    private static final Map<String, Integer> LENGTHS =
            Map.of("M.2 2230", 30, "M.2 2242", 42, "M.2 2260", 60, "M.2 2280", 80, "M.2 22110", 110);

    /** One drive in its slot. */
    record Placed(Line drive, DriveSlot slot) {}

    private final List<Line> drives;
    private final List<DriveSlot> slots;
    private final int[] driveOfSlot;
    private final List<Line> left = new ArrayList<>(0);
    private final List<Placed> placed;

    private DriveLayout(List<Line> drives, List<DriveSlot> slots) {
        this.drives = drives;
        this.slots = slots;
        this.driveOfSlot = new int[slots.size()];
        java.util.Arrays.fill(driveOfSlot, -1);
        for (int d = 0; d < drives.size(); d++) {
            if (!place(d, new BitSet())) {
                left.add(drives.get(d));
            }
        }
        this.placed = inSlots();
    }

    /** The layout on a board; absent when the board's slots are not known. */
    static Optional<DriveLayout> of(Build build, Line board) {
        return BOARD_DRIVE_SLOTS.from(board).value().map(all -> {
            var dead = dead(build);
            var slots = new ArrayList<DriveSlot>(all.size());
            for (var slot : all) {
                if (!slot.radioOnly().or(false) && !dead.contains(slot.name().or(""))) {
                    slots.add(slot);
                }
            }
            var drives = new ArrayList<Line>(2);
            for (var drive : drives(build)) {
                for (int i = 0; isM2(drive) && i < drive.quantity(); i++) {
                    drives.add(drive);
                }
            }
            return new DriveLayout(drives, slots);
        });
    }

    /** All lines with drives that are really added. */
    static List<Line> drives(Build build) {
        var drives = new ArrayList<Line>(2);
        for (var slot : List.of(Slot.SYSTEM_DRIVE, Slot.SECOND_DRIVE)) {
            for (var line : build.filled(slot)) {
                if (!(line.choice() instanceof Choice.None)) {
                    drives.add(line);
                }
            }
        }
        return drives;
    }

    static boolean isM2(Line drive) {
        return DRIVE_SHAPE.from(drive).value().filter(s -> s.startsWith("M.2")).isPresent();
    }

    List<Line> left() {
        return left;
    }

    List<Placed> placed() {
        return placed;
    }

    private List<Placed> inSlots() {
        var placed = new ArrayList<Placed>(drives.size());
        for (int s = 0; s < driveOfSlot.length; s++) {
            if (driveOfSlot[s] >= 0) {
                placed.add(new Placed(drives.get(driveOfSlot[s]), slots.get(s)));
            }
        }
        return placed;
    }

    int sataPortsTaken() {
        var taken = 0;
        for (var drive : placed) {
            taken += drive.slot().takesSata().or(0);
        }
        return taken;
    }

    int lanesTaken() {
        var taken = 0;
        for (var drive : placed) {
            taken += drive.slot().takesLanes().or(0);
        }
        return taken;
    }

    private static Set<String> dead(Build build) {
        var dead = new HashSet<String>();
        build.filled(Slot.PROCESSOR)
                .forEach(p -> PROCESSOR_LEAVES_DEAD.from(p).value().ifPresent(dead::addAll));
        return dead;
    }

    private boolean place(int drive, BitSet seen) {
        var free = cheapestFree(drives.get(drive));
        if (free >= 0) {
            driveOfSlot[free] = drive;
            return true;
        }
        for (int s = 0; s < driveOfSlot.length; s++) {
            if (takes(slots.get(s), drives.get(drive)) && !seen.get(s)) {
                seen.set(s);
                if (place(driveOfSlot[s], seen)) {
                    driveOfSlot[s] = drive;
                    return true;
                }
            }
        }
        return false;
    }

    private int cheapestFree(Line drive) {
        var best = -1;
        for (int s = 0; s < driveOfSlot.length; s++) {
            if (driveOfSlot[s] < 0
                    && takes(slots.get(s), drive)
                    && (best < 0 || cost(slots.get(s), drive) < cost(slots.get(best), drive))) {
                best = s;
            }
        }
        return best;
    }

    private static boolean takes(DriveSlot slot, Line drive) {
        return slot.protocols()
                        .value()
                        .filter(p -> p.contains(DRIVE_PROTOCOL.from(drive).or("")))
                        .isPresent()
                && length(drive) <= slot.longest().or(Integer.MAX_VALUE);
    }

    /** Lanes taken from the card weigh most, then SATA ports, then each generation that the slot is slower. */
    private static int cost(DriveSlot slot, Line drive) {
        var slower = Math.max(
                0, DRIVE_GENERATION.from(drive).or(0) - slot.generation().or(0));
        return slot.takesLanes().or(0) * 1000 + slot.takesSata().or(0) * 100 + slower * 10;
    }

    static int length(Line drive) {
        return LENGTHS.getOrDefault(DRIVE_SHAPE.from(drive).or(""), 0);
    }
}
