package lowfield.core.check.storage;

import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.figures.CpuFigures.CPU_LEAVES_DEAD;
import static lowfield.core.check.figures.DriveFigures.DRIVE_DOUBLE_SIDED;
import static lowfield.core.check.figures.DriveFigures.DRIVE_GENERATION;
import static lowfield.core.check.figures.DriveFigures.DRIVE_PROTOCOL;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.Derived;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.Told;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Figure;

/**
 * Which M.2 drive goes into which slot of the first motherboard. Every drive is placed if that can be done at all
 * (augmenting paths: Kuhn 1955); among the slots that take a drive, those that cost nothing elsewhere and are fast enough
 * are tried first. A slot whose protocols or length are unknown takes no drive for certain and may take any: where not every
 * drive is placed for certain, it is only known which find no slot whatever is unknown.
 */
public final class DriveLayout implements Told {
    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_DRIVE_SLOTS);
    private static final View CPU = View.of(Slot.PROCESSOR, CPU_LEAVES_DEAD);

    /** Absent without a motherboard, or when its slots are not known. */
    public static final Derived<Optional<DriveLayout>> OF_BUILD = Derived.of(
            "drive-layout",
            "layout of the M.2 drives",
            List.of(Drives.PLACED, BOARD, CPU),
            inputs -> inputs.first(BOARD)
                    .flatMap(board -> board.figure(BOARD_DRIVE_SLOTS).value())
                    .map(slots -> of(slots, inputs)));

    /** One drive in its slot. */
    public record Placed(Seen drive, DriveSlot slot) {}

    private final List<Seen> drives;
    private final List<DriveSlot> slots;
    private final int[] driveOfSlot;
    private final boolean isLenient;
    private final List<Seen> left = new ArrayList<>(0);
    private final List<Placed> placed;
    private Optional<Seen.Asked<?>> untold = Optional.empty();
    private Optional<DriveLayout> atBest = Optional.empty();
    private boolean isOpen;

    private DriveLayout(List<Seen> drives, List<DriveSlot> slots, boolean isLenient) {
        this.drives = drives;
        this.slots = slots;
        this.isLenient = isLenient;
        this.driveOfSlot = new int[slots.size()];
        java.util.Arrays.fill(driveOfSlot, -1);
        for (int d = 0; d < drives.size(); d++) {
            if (!place(d, new BitSet())) {
                left.add(drives.get(d));
            }
        }
        this.placed = inSlots();
    }

    private static DriveLayout of(List<DriveSlot> all, Inputs inputs) {
        var dead = new HashSet<String>();
        inputs.lines(CPU).forEach(p -> p.figure(CPU_LEAVES_DEAD).value().ifPresent(dead::addAll));
        var slots = all.stream()
                .filter(s -> !s.radioOnly().or(false) && !dead.contains(s.name().or("")))
                .toList();
        var drives = drives(inputs);
        var certain = new DriveLayout(drives, slots, false);
        var layout = certain.left.isEmpty() ? certain : new DriveLayout(drives, slots, true);
        if (layout == certain && certain.isOpen) {
            layout.atBest = Optional.of(new DriveLayout(drives, slots, true));
        }
        layout.untold = Drives.there(inputs.lines(Drives.PLACED)).stream()
                .flatMap(drive -> Drives.untold(drive).stream())
                .findFirst();
        return layout;
    }

    /** The figure of a drive for want of which nobody can say where it goes, if there is one. */
    public Optional<Seen.Asked<?>> untold() {
        return untold;
    }

    /** Whether every drive is in its slot for certain, or it is certain that some find none. */
    public boolean isCertain() {
        return !isLenient || !left.isEmpty();
    }

    private static List<Seen> drives(Inputs inputs) {
        var drives = new ArrayList<Seen>(2);
        for (var drive : Drives.there(inputs.lines(Drives.PLACED))) {
            for (int i = 0; Drives.isM2(drive) && i < drive.or(QUANTITY, 1); i++) {
                drives.add(drive);
            }
        }
        return drives;
    }

    /** The drives that found no slot. */
    public List<Seen> left() {
        return left;
    }

    /** Those that are in their slot for certain. */
    public List<Placed> placed() {
        return isLenient ? List.of() : placed;
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

    /** Ports that the used slots switch off; not known when one of them does not say. */
    public Figure<Integer> sataPortsTaken() {
        return taken(DriveSlot::takesSata);
    }

    /** Lanes that the used slots take from the graphics card; not known when one of them does not say. */
    public Figure<Integer> lanesTaken() {
        return taken(DriveSlot::takesLanes);
    }

    private Figure<Integer> taken(Function<DriveSlot, Figure<Integer>> what) {
        if (!isCertain() || untold.isPresent() && !slots.stream().allMatch(s -> isNothing(what.apply(s)))) {
            return Figure.notKnown();
        }
        var sum = sum(what);
        return sum.or(0) == 0 || atBest.isEmpty() || atBest.get().sum(what).equals(sum) ? sum : Figure.notKnown();
    }

    private static boolean isNothing(Figure<Integer> taken) {
        return !(taken instanceof Figure.NotKnown) && taken.or(0) == 0;
    }

    private Figure<Integer> sum(Function<DriveSlot, Figure<Integer>> what) {
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

    /** What is taken elsewhere, and which slot each drive has. */
    @Override
    public Object told() {
        return List.of(
                sataPortsTaken(),
                lanesTaken(),
                placed.stream().map(p -> p.slot().name()).toList(),
                Set.of(left.size()),
                untold.map(u -> u.input().key()).orElse("-"));
    }
}
