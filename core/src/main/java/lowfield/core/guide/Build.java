package lowfield.core.guide;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.part.Part;

/** A complete parts list in a tier; the lines keep the author's order. */
public record Build(List<Line> lines) {
    public Build {
        lines = List.copyOf(lines);
    }

    /** The lines of a slot on which something was chosen. */
    public List<Line> filled(Slot slot) {
        return lines.stream().filter(l -> l.slot() == slot && !l.isEmpty()).toList();
    }

    public Stream<Line> filled() {
        return lines.stream().filter(l -> !l.isEmpty());
    }

    public Optional<Line> line(UUID id) {
        return lines.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** This build with another part on one line; the line must be in it. */
    public Build taking(UUID line, Part part) {
        return new Build(lines.stream()
                .map(l -> l.id().equals(line) ? l.with(new Choice.Chosen(part)) : l)
                .toList());
    }
}
