package lowfield.core.check.storage;

import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.figures.CpuFigures.CPU_LEAVES_DEAD;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;

import java.util.ArrayList;
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
 * Which M.2 drive goes into which slot of the first motherboard. A slot whose protocols or length are unknown takes no drive
 * for certain and may take any: where not every drive is placed for certain, it is only known which find no slot whatever is
 * unknown. What the used slots take elsewhere is known where it is nothing, or the same whatever is unknown.
 *
 * @param slots those that can be used at all
 * @param placing every drive in its slot for certain, else as far as nothing known speaks against it
 * @param atBest where the placing is certain and something was not known: what it could be instead
 * @param untold the figure of a drive for want of which nobody can say where it goes, if there is one
 */
public record DriveLayout(
        List<DriveSlot> slots, DrivePlacing placing, Optional<DrivePlacing> atBest, Optional<Seen.Asked<?>> untold)
        implements Told {
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

    private static DriveLayout of(List<DriveSlot> all, Inputs inputs) {
        var dead = new HashSet<String>();
        inputs.lines(CPU).forEach(p -> p.figure(CPU_LEAVES_DEAD).value().ifPresent(dead::addAll));
        var slots = all.stream()
                .filter(s -> !s.radioOnly().or(false) && !dead.contains(s.name().or("")))
                .toList();
        var there = Drives.there(inputs.lines(Drives.PLACED));
        var drives = pieces(there);
        var certain = new DrivePlacing(drives, slots, false);
        var isPlaced = certain.left().isEmpty();
        return new DriveLayout(
                slots,
                isPlaced ? certain : new DrivePlacing(drives, slots, true),
                isPlaced && certain.isOpen() ? Optional.of(new DrivePlacing(drives, slots, true)) : Optional.empty(),
                there.stream().flatMap(d -> Drives.untold(d).stream()).findFirst());
    }

    private static List<Seen> pieces(List<Seen> lines) {
        var drives = new ArrayList<Seen>(2);
        for (var drive : lines) {
            for (int i = 0; Drives.isM2(drive) && i < drive.or(QUANTITY, 1); i++) {
                drives.add(drive);
            }
        }
        return drives;
    }

    /** Whether every drive is in its slot for certain, or it is certain that some find none. */
    public boolean isCertain() {
        return !placing.isLenient() || !placing.left().isEmpty();
    }

    /** The drives that found no slot. */
    public List<Seen> left() {
        return placing.left();
    }

    /** Those that are in their slot for certain. */
    public List<Placed> placed() {
        return placing.isLenient() ? List.of() : placing.placed();
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
        var sum = placing.sum(what);
        var isSettled =
                sum.or(0) == 0 || atBest.isEmpty() || atBest.get().sum(what).equals(sum);
        return isSettled ? sum : Figure.notKnown();
    }

    private static boolean isNothing(Figure<Integer> taken) {
        return !(taken instanceof Figure.NotKnown) && taken.or(0) == 0;
    }

    /** What is taken elsewhere, and which slot each drive has; the figure that is missing where there is one. */
    @Override
    public Object told() {
        var told = new ArrayList<Object>(List.of(
                sataPortsTaken(),
                lanesTaken(),
                placing.placed().stream().map(p -> p.slot().name()).toList(),
                Set.of(left().size())));
        untold.ifPresent(figure -> told.add(figure.input().key()));
        return told;
    }
}
