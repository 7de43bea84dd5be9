package lowfield.core.check.storage;

import static lowfield.core.check.figures.DriveFigures.DRIVE_DOUBLE_SIDED;
import static lowfield.core.check.figures.DriveFigures.DRIVE_GENERATION;
import static lowfield.core.check.figures.DriveFigures.DRIVE_PROTOCOL;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.check.Seen;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Figure;

/**
 * M.2 drives put into slots: every drive is placed if that can be done at all (augmenting paths: Kuhn 1955); among the slots
 * that take a drive, those that cost nothing elsewhere and are fast enough are tried first. What is not known speaks against
 * a slot, or, where the placing is lenient, for it.
 */
final class DrivePlacing {
    private final List<Seen> drives;
    private final List<DriveSlot> slots;
    private final int[] driveOfSlot;
    private final boolean isLenient;
    private final List<Seen> left = new ArrayList<>(0);
    private final List<DriveLayout.Placed> placed;
    private boolean isOpen;

    DrivePlacing(List<Seen> drives, List<DriveSlot> slots, boolean isLenient) {
        this.drives = drives;
        this.slots = slots;
        this.isLenient = isLenient;
        this.driveOfSlot = new int[slots.size()];
        Arrays.fill(driveOfSlot, -1);
        for (int d = 0; d < drives.size(); d++) {
            if (!place(d, new BitSet())) {
                left.add(drives.get(d));
            }
        }
        this.placed = inSlots();
    }

    /** The drives that found no slot. */
    List<Seen> left() {
        return left;
    }

    List<DriveLayout.Placed> placed() {
        return placed;
    }

    boolean isLenient() {
        return isLenient;
    }

    /** Whether something that is not known was asked on the way: a lenient placing may differ. */
    boolean isOpen() {
        return isOpen;
    }

    /** What the used slots take elsewhere; not known when one of them does not say. */
    Figure<Integer> sum(Function<DriveSlot, Figure<Integer>> what) {
        var sum = 0;
        for (var drive : placed) {
            var taken = what.apply(drive.slot());
            if (taken instanceof Figure.NotKnown) {
                return Figure.notKnown();
            }
            sum += taken.or(0);
        }
        return Figure.of(sum);
    }

    private List<DriveLayout.Placed> inSlots() {
        var all = new ArrayList<DriveLayout.Placed>(drives.size());
        for (int s = 0; s < driveOfSlot.length; s++) {
            if (driveOfSlot[s] >= 0) {
                all.add(new DriveLayout.Placed(drives.get(driveOfSlot[s]), slots.get(s)));
            }
        }
        return all;
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

    private int cheapestFree(Seen drive) {
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

    private boolean takes(DriveSlot slot, Seen drive) {
        var own = drive.figure(DRIVE_PROTOCOL).value();
        var protocol = slot.protocols().value().flatMap(p -> own.map(p::contains));
        var length = slot.longest().value().map(most -> Drives.length(drive) <= most);
        var side = slot.singleSided().or(false)
                ? drive.figure(DRIVE_DOUBLE_SIDED).value().map(d -> !d)
                : Optional.of(true);
        isOpen |= protocol.isEmpty() || length.isEmpty() || side.isEmpty();
        return protocol.orElse(isLenient) && length.orElse(isLenient) && side.orElse(isLenient);
    }

    /** Lanes taken from the graphics card weigh most, then SATA ports, then each generation that the slot is slower. */
    private static int cost(DriveSlot slot, Seen drive) {
        var slower =
                Math.max(0, drive.or(DRIVE_GENERATION, 0) - slot.generation().or(0));
        return slot.takesLanes().or(0) * 1000 + slot.takesSata().or(0) * 100 + slower * 10;
    }
}
