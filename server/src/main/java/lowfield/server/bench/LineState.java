package lowfield.server.bench;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** Everything an author can say of a line; the journal keeps it whole, before and after each edit. */
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
        List<OptionState> options) {

    Reason reasonOf() {
        return new Reason(reason, reasonFor);
    }

    static LineState empty(UUID build, Slot slot, int position) {
        return new LineState(build, slot, position, ChoiceState.empty(), 1, true, null, "", "", "", List.of());
    }
}
