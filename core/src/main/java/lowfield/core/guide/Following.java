package lowfield.core.guide;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;

/**
 * Which lines of an edition follow which, each line by its id. A chain of followers ends at a line that holds a choice of
 * its own; a circle is refused when the value is made.
 *
 * @param followed each line that follows, and the line it follows
 */
public record Following(Map<UUID, UUID> followed) {
    public Following {
        followed = Map.copyOf(followed);
        for (var line : followed.keySet()) {
            refuseCircle(followed, line);
        }
    }

    private static void refuseCircle(Map<UUID, UUID> followed, UUID line) {
        var passed = new HashSet<UUID>();
        for (var at = Optional.of(line); at.isPresent(); at = Optional.ofNullable(followed.get(at.get()))) {
            RuleBroken.unless(
                    passed.add(at.get()),
                    "A line cannot follow itself, not even through others; let one of them go first.");
        }
    }

    private Optional<UUID> next(UUID line) {
        return Optional.ofNullable(followed.get(line));
    }

    /** The same with one line following another. */
    public Following with(UUID line, UUID source) {
        var more = new HashMap<>(followed);
        more.put(line, source);
        return new Following(more);
    }

    /** The line at the end of what a line follows; itself when it follows none. */
    public UUID source(UUID line) {
        var at = line;
        for (var next = next(at); next.isPresent(); next = next(at)) {
            at = next.get();
        }
        return at;
    }

    /** Whether a line follows another, near or far. */
    public boolean leadsTo(UUID line, UUID source) {
        var at = next(line);
        while (at.isPresent() && !at.get().equals(source)) {
            at = next(at.get());
        }
        return at.isPresent();
    }

    /** The lines that follow a line themselves, not through others; in no order. */
    public List<UUID> of(UUID source) {
        return followed.entrySet().stream()
                .filter(e -> e.getValue().equals(source))
                .map(Map.Entry::getKey)
                .toList();
    }
}
