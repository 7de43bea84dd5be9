package lowfield.server.editing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Slot;
import lowfield.server.accounts.Person;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.LineRows;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a part together with the other parts that it needs, in one act: it happens wholly or not, and is undone as one. */
@Service
public class Taking {
    private static final int MOST = 4;

    private final Editing editing;
    private final LineRows lines;

    Taking(Editing editing, LineRows lines) {
        this.editing = editing;
        this.lines = lines;
    }

    /** Another part that is needed, on the first line of its slot; a line more where the slot has none. */
    public record Needed(Slot slot, UUID part) {
        @SuppressWarnings("ConstantValue")
        public Needed {
            RuleBroken.unless(slot != null && part != null, "A part that is needed names its slot and itself.");
        }
    }

    /** Takes a part on a line that was read at the expected version; returns the build it is in. */
    @Transactional
    public UUID take(UUID edition, UUID line, UUID part, List<Needed> needed, int expected, Person by) {
        check(needed);
        RuleBroken.unless(part != null, "Name the part to take.");
        var build = editing.edit(edition, line, LinePatch.choose(ChoiceState.part(part)), expected, by);
        needed.forEach(other -> put(edition, build, other, by));
        return build;
    }

    /** Adds a line with a part and what it needs; returns the line. */
    @Transactional
    public UUID add(UUID edition, UUID build, Slot slot, LinePatch with, List<Needed> needed, Person by) {
        check(needed);
        var line = editing.addLine(edition, build, slot, with, by);
        needed.forEach(other -> put(edition, build, other, by));
        return line;
    }

    private static void check(List<Needed> needed) {
        RuleBroken.unless(
                needed.stream().noneMatch(Objects::isNull), "A part that is needed names its slot and itself.");
        RuleBroken.unless(
                needed.size() <= MOST, "A part is taken with at most %d others, not %d.", MOST, needed.size());
        RuleBroken.unless(
                needed.stream().map(Needed::slot).distinct().count() == needed.size(),
                "A part is taken with at most one other of each slot.");
    }

    private void put(UUID edition, UUID build, Needed other, Person by) {
        var patch = LinePatch.choose(ChoiceState.part(other.part()));
        var first = first(edition, build, other.slot());
        if (first.isPresent()) {
            editing.edit(edition, first.get().id(), patch, first.get().version(), by);
        } else {
            editing.addLine(edition, build, other.slot(), patch, by);
        }
    }

    private Optional<LineRows.StoredLine> first(UUID edition, UUID build, Slot slot) {
        return lines.of(edition).getOrDefault(build, List.of()).stream()
                .filter(l -> l.state().slot() == slot)
                .findFirst();
    }
}
