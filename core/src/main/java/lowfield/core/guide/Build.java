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
    private final Optional<Integer> year;
    private final UsualValues usual;

    /** A list of which nothing is asked. */
    public Build(List<Line> lines) {
        this(lines, Wishes.NONE);
    }

    public Build(List<Line> lines, Wishes wishes) {
        this.lines = List.copyOf(lines);
        this.wishes = wishes;
        this.year = Optional.empty();
        this.usual = UsualValues.STANDARD;
        this.filled = new EnumMap<>(Slot.class);
        for (var line : this.lines) {
            if (!line.isEmpty()) {
                filled.computeIfAbsent(line.slot(), slot -> new ArrayList<>(2)).add(line);
            }
        }
        filled.replaceAll((slot, of) -> List.copyOf(of));
    }

    private Build(
            List<Line> lines, Map<Slot, List<Line>> filled, Wishes wishes, Optional<Integer> year, UsualValues usual) {
        this.lines = lines;
        this.filled = filled;
        this.wishes = wishes;
        this.year = year;
        this.usual = usual;
    }

    /** The same build in an edition of that year. */
    public Build in(int edition) {
        return new Build(lines, filled, wishes, Optional.of(edition), usual);
    }

    /** The same build in a guide that takes these values for figures that are rarely printed. */
    public Build assuming(UsualValues other) {
        return new Build(lines, filled, wishes, year, other);
    }

    /** What is taken for figures that are rarely printed. */
    public UsualValues usual() {
        return usual;
    }

    /** The year of its edition; absent outside one. */
    public Optional<Integer> year() {
        return year;
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

    /** This build with another choice on one line. */
    public Build taking(UUID line, Choice choice) {
        return line(line).map(l -> replacing(l.with(choice))).orElse(this);
    }

    /** This build with another line in the place of the one with its id; only that line's slot is laid out anew. */
    public Build replacing(Line line) {
        var changed = new ArrayList<Line>(lines.size());
        for (var each : lines) {
            changed.add(each.id().equals(line.id()) ? line : each);
        }
        var all = List.copyOf(changed);
        var map = new EnumMap<>(filled);
        map.put(
                line.slot(),
                all.stream()
                        .filter(l -> l.slot() == line.slot() && !l.isEmpty())
                        .toList());
        return new Build(all, map, wishes, year, usual);
    }

    /** This build with a line more. */
    public Build adding(Line line) {
        var more = new ArrayList<>(lines);
        more.add(line);
        var build = new Build(more, wishes).assuming(usual);
        return year.map(build::in).orElse(build);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Build b
                && lines.equals(b.lines)
                && wishes.equals(b.wishes)
                && year.equals(b.year)
                && usual.equals(b.usual);
    }

    @Override
    public int hashCode() {
        return lines.hashCode();
    }
}
