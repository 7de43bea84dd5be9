package lowfield.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.BuildContext;
import lowfield.core.check.storage.DriveLayout;
import lowfield.core.check.storage.Drives;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.spec.Drive;

/**
 * Where the drives of a build are: M.2 drives in the slots that the checks give them, the others in the bays of the case.
 *
 * @param inBays those that go into bays
 */
record FitDrives(List<InSlot> inSlots, List<InBay> inBays) {
    /** How wide an M.2 drive is, by its standard, in millimetres. */
    static final int WIDTH = 22;

    /**
     * @param length in millimetres, by the M.2 standard
     * @param place where it lies on the motherboard; absent where that is not on file, or is no place on it
     */
    record InSlot(String name, int length, String slotName, Optional<Place> place) {
        private static InSlot of(DriveLayout.Placed placed, Optional<BoardSize> board) {
            var length = Drives.length(placed.drive());
            return new InSlot(
                    placed.drive().toString(),
                    length,
                    placed.slot().name().or("of no name"),
                    board.flatMap(b -> Place.of(placed.slot()).filter(p -> p.isOn(b, length))));
        }
    }

    /** @param pieces how many of the same */
    record InBay(String name, int pieces) {
        /** "2 × Drumlin Scree 4 TB". */
        String said() {
            return pieces == 1 ? name : pieces + " × " + name;
        }
    }

    /**
     * On a motherboard, in millimetres.
     *
     * @param top of the middle of the drive below the upper edge
     * @param rear of the drive from the rear edge
     */
    record Place(int top, int rear) {
        private static Optional<Place> of(DriveSlot slot) {
            return slot.top().value().flatMap(top -> slot.rear().value().map(rear -> new Place(top, rear)));
        }

        private boolean isOn(BoardSize board, int length) {
            return top >= WIDTH / 2 && top + WIDTH / 2 <= board.height() && rear + length <= board.depth();
        }
    }

    /** @param board absent where the motherboard or its size is not known */
    static FitDrives of(Build build, Optional<BoardSize> board) {
        var placed = new BuildContext(build)
                .derived(DriveLayout.OF_BUILD)
                .map(DriveLayout::placed)
                .orElse(List.of());
        return new FitDrives(
                placed.stream().map(p -> InSlot.of(p, board)).toList(),
                Drives.SLOTS.stream().sorted().flatMap(s -> inBays(build, s)).toList());
    }

    private static Stream<InBay> inBays(Build build, Slot slot) {
        return build.filled(slot).stream()
                .flatMap(l -> l.choice().figures().stream()
                        .filter(p -> p.spec() instanceof Drive drive
                                && drive.shape()
                                        .value()
                                        .filter(Drives::isForBay)
                                        .isPresent())
                        .map(p -> new InBay(p.fullName(), l.quantity())));
    }
}
