package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.edition.OptionList;
import org.jspecify.annotations.Nullable;

/** An alternative or an upgrade of a line, and what the author says of it; {@code adds} when it comes beside the choice,
 * {@code motive} why one would take it. */
public record OptionState(
        Option.Purpose purpose,
        UUID part,
        String note,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean adds,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Motive motive) {
    /** One in the place of the choice. */
    public OptionState(Option.Purpose purpose, UUID part, String note) {
        this(purpose, part, note, null, null);
    }

    public static OptionState of(Option option) {
        return new OptionState(
                option.purpose(),
                option.part().id(),
                option.note(),
                option.adds(),
                option.motive().orElse(null));
    }

    public OptionState {
        adds = Boolean.TRUE.equals(adds) ? Boolean.TRUE : null;
        RuleBroken.unless(note.length() <= 500, "A note on an alternative or upgrade takes at most 500 letters.");
    }

    boolean isBeside() {
        return Boolean.TRUE.equals(adds);
    }

    OptionList.Entry entry() {
        return new OptionList.Entry(purpose, part, isBeside());
    }
}
