package lowfield.core.guide;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.part.Part;

/** A complete parts list in a tier; the lines keep the author's order. */
public final class Build {
    private final List<Line> lines;
    private final Map<Slot, List<Line>> filled;
    private final Wishes wishes;

    /** A list of which nothing is asked. */
    public Build(List<Line> lines) {
        this(lines, Wishes.NONE);
    }

    public Build(List<Line> lines, Wishes wishes) {
        this.lines = List.copyOf(lines);
        this.wishes = wishes;
        this.filled = new EnumMap<>(Slot.class);
        for (var line : this.lines) {
            if (!line.isEmpty()) {
                filled.computeIfAbsent(line.slot(), slot -> new ArrayList<>(2)).add(line);
            }
        }
        filled.replaceAll((slot, of) -> List.copyOf(of));
    }

    private Build(List<Line> lines, Map<Slot, List<Line>> filled, Wishes wishes) {
        this.lines = lines;
        this.filled = filled;
        this.wishes = wishes;
    }

    /** What is asked of it. */
    public Wishes wishes() {
        return wishes;
    }

    public List<Line> lines() {
        return lines;
    }

    /** The lines of a slot on which something was chosen. */
    public List<Line> filled(Slot slot) {
        return filled.getOrDefault(slot, List.of());
    }

    public Stream<Line> filled() {
        return lines.stream().filter(l -> !l.isEmpty());
    }

    public Optional<Line> line(UUID id) {
        return lines.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** This build with another part on one line; the line must be in it. */
    public Build taking(UUID line, Part part) {
        return taking(line, new Choice.Chosen(part));
    }

    /** This build with another choice on one line; only that line's slot is laid out anew. */
    public Build taking(UUID line, Choice choice) {
        var changed = new ArrayList<Line>(lines.size());
        var slot = Optional.<Slot>empty();
        for (var each : lines) {
            var same = each.id().equals(line);
            changed.add(same ? each.with(choice) : each);
            slot = same ? Optional.of(each.slot()) : slot;
        }
        var all = List.copyOf(changed);
        var map = new EnumMap<>(filled);
        slot.ifPresent(s -> map.put(
                s, all.stream().filter(l -> l.slot() == s && !l.isEmpty()).toList()));
        return new Build(all, map, wishes);
    }

    /** This build with a line more. */
    public Build adding(Line line) {
        var more = new ArrayList<>(lines);
        more.add(line);
        return new Build(more, wishes);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Build b && lines.equals(b.lines) && wishes.equals(b.wishes);
    }

    @Override
    public int hashCode() {
        return lines.hashCode();
    }
}
