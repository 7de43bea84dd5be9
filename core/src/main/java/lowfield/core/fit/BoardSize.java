package lowfield.core.fit;

import java.util.Optional;
import lowfield.core.part.spec.Motherboard;

/** How high and deep a motherboard is, in millimetres: the standard size of its form factor, its own width where it has one. */
record BoardSize(int height, int depth) {
    /** Where the first expansion slot lies below the upper edge, in every form factor of the ATX family. */
    static final int FIRST_SLOT = 166;

    /** Absent for a form factor that no standard gives a size. */
    static Optional<BoardSize> of(Motherboard board) {
        return board.format()
                .value()
                .flatMap(BoardSize::standard)
                .map(s -> new BoardSize(s.height(), board.width().or(s.depth())));
    }

    private static Optional<BoardSize> standard(String format) {
        return switch (format) {
            case "ATX" -> Optional.of(new BoardSize(305, 244));
            case "micro-ATX" -> Optional.of(new BoardSize(244, 244));
            case "mini-ITX" -> Optional.of(new BoardSize(170, 170));
            case "E-ATX", "SSI EEB" -> Optional.of(new BoardSize(305, 330));
            default -> Optional.empty();
        };
    }
}
