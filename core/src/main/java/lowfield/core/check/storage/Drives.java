package lowfield.core.check.storage;

import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.DriveFigures.DRIVE_DOUBLE_SIDED;
import static lowfield.core.check.figures.DriveFigures.DRIVE_GENERATION;
import static lowfield.core.check.figures.DriveFigures.DRIVE_PROTOCOL;
import static lowfield.core.check.figures.DriveFigures.DRIVE_SHAPE;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Words and views that everything about SSDs and hard disks shares. */
public final class Drives {
    public static final Set<Slot> SLOTS = Set.of(Slot.SYSTEM_DRIVE, Slot.SECOND_DRIVE);
    public static final String HARD_DISK = "hard disk";
    public static final String SATA = "SATA";
    static final String LARGE = "3.5 inch";
    static final String SMALL = "2.5 inch";

    /** What decides where a drive goes. */
    public static final View PLACED =
            View.of(SLOTS, DRIVE_SHAPE, DRIVE_PROTOCOL, DRIVE_GENERATION, DRIVE_DOUBLE_SIDED, SOURCE, QUANTITY);

    /** The lengths of the M.2 standard, in millimetres. */
    private static final Map<String, Integer> LENGTHS =
            Map.of("M.2 2230", 30, "M.2 2242", 42, "M.2 2260", 60, "M.2 2280", 80, "M.2 22110", 110);

    private Drives() {}

    /** Those that are really there. */
    public static List<Seen> there(List<Seen> drives) {
        var there = new ArrayList<Seen>(drives.size());
        for (var drive : drives) {
            if (drive.or(SOURCE, Source.NONE) != Source.NONE) {
                there.add(drive);
            }
        }
        return there;
    }

    /** The figure for want of which nobody can say where the drive goes. */
    static Optional<Seen.Asked<?>> untold(Seen drive) {
        return Stream.of(drive.get(DRIVE_SHAPE), drive.get(DRIVE_PROTOCOL))
                .filter(Seen.Asked::isMissing)
                .<Seen.Asked<?>>map(asked -> asked)
                .findFirst();
    }

    static boolean areTold(List<Seen> drives) {
        return there(drives).stream().allMatch(d -> untold(d).isEmpty());
    }

    public static boolean isM2(Seen drive) {
        return drive.or(DRIVE_SHAPE, "").startsWith("M.2");
    }

    /** Whether a drive of this form factor goes into a bay of the case. */
    public static boolean isForBay(String shape) {
        return shape.equals(LARGE) || shape.equals(SMALL);
    }

    public static int length(Seen drive) {
        return LENGTHS.getOrDefault(drive.or(DRIVE_SHAPE, ""), 0);
    }

    public static int pieces(List<Seen> lines) {
        var pieces = 0;
        for (var line : lines) {
            pieces += line.or(QUANTITY, 1);
        }
        return pieces;
    }
}
