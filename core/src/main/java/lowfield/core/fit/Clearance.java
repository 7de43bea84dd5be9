package lowfield.core.fit;

import java.util.Optional;
import lowfield.core.check.Verdict;

/**
 * What a case takes in one direction, and what a part takes of it, in millimetres.
 *
 * @param taken by the part
 * @param room that the case has; absent where that is not on file, or contradicts the size of the case
 */
record Clearance(int taken, Optional<Integer> room, Verdict verdict) {
    /** @param outer the size of the case in that direction, which no room in it can pass */
    static Optional<Integer> within(Optional<Integer> room, Optional<Integer> outer) {
        return room.filter(r -> outer.filter(o -> r > o).isEmpty());
    }

    Optional<Integer> left() {
        return room.map(r -> r - taken);
    }

    /** "56 mm free", "9 mm too long". */
    String said(String tooMuch) {
        return left().map(l -> l < 0 ? -l + " mm " + tooMuch : l + " mm free").orElse("");
    }
}
