package lowfield.core.find;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;

/** The first line of a slot, which is the one that a further change is made on. */
final class SlotLines {
    private SlotLines() {}

    static Optional<Line> first(Build build, Slot slot) {
        return build.lines().stream().filter(l -> l.slot() == slot).findFirst();
    }

    /** That line with a part on it; where the slot has none, a line more. */
    static Line having(Build build, Slot slot, Part part) {
        var choice = new Choice.Chosen(part);
        return first(build, slot)
                .map(l -> l.with(choice))
                .orElseGet(() -> new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes(StandardCharsets.UTF_8)), slot, choice, 1, true));
    }

    /** The build with a line in the place of the one with its id, or beside the others. */
    static Build with(Build build, Line line) {
        return build.line(line.id()).isPresent() ? build.replacing(line) : build.adding(line);
    }
}
