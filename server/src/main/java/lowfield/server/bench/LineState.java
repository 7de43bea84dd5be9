package lowfield.server.bench;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Everything an author can say of a line; the journal keeps it whole, before and after each edit. A line that follows another
 * takes its choice, quantity and offer from there, and its reason and options too where it has none of its own. The note is
 * for the author alone.
 */
public record LineState(
        UUID build,
        Slot slot,
        int position,
        ChoiceState choice,
        int quantity,
        boolean counted,
        @Nullable UUID heldListing,
        String heldWhy,
        String reason,
        String reasonFor,
        List<OptionState> options,
        @Nullable UUID follows,
        @Nullable String note) {
    public LineState {
        options = List.copyOf(options);
        note = note == null ? "" : note;
    }

    Reason reasonOf() {
        return new Reason(reason, reasonFor);
    }

    /** What stands on the line, with what it takes from the one it follows. */
    LineState following(LineState source) {
        return new LineState(
                build,
                slot,
                position,
                source.choice(),
                source.quantity(),
                counted,
                source.heldListing(),
                source.heldWhy(),
                reason.isEmpty() ? source.reason() : reason,
                reason.isEmpty() ? source.reasonFor() : reasonFor,
                options.isEmpty() ? source.options() : options,
                follows,
                note);
    }

    static LineState empty(UUID build, Slot slot, int position) {
        return new LineState(
                build, slot, position, ChoiceState.empty(), 1, true, null, "", "", "", List.of(), null, "");
    }
}
