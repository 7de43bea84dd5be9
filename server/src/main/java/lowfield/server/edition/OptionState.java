package lowfield.server.edition;

import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.edition.Option;

/** An alternative or an upgrade of a line, and what the author says of it. */
public record OptionState(Option.Purpose purpose, UUID part, String note) {
    public static OptionState of(Option option) {
        return new OptionState(option.purpose(), option.part().id(), option.note());
    }

    public OptionState {
        RuleBroken.unless(note.length() <= 500, "A note on an alternative or upgrade takes at most 500 letters.");
    }
}
