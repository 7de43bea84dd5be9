package lowfield.server.bench;

import java.util.UUID;
import lowfield.core.RuleBroken;

/** An alternative or an upgrade of a line, and what the author says of it. */
public record OptionState(Purpose purpose, UUID part, String note) {
    /** Instead for the same, or for more money. */
    public enum Purpose {
        ALTERNATIVE,
        UPGRADE
    }

    public OptionState {
        RuleBroken.unless(note.length() <= 500, "A note on an alternative or upgrade takes at most 500 letters.");
    }
}
