package lowfield.core.edition;

import java.util.Optional;
import lowfield.core.part.Part;

/**
 * A part that the author names beside a choice, and what they say of it.
 *
 * @param motive why one would take it; absent where the author names none
 * @param adds whether it comes beside the choice, as a second kit or drive does, and not in its place
 */
public record Option(Purpose purpose, Part part, String note, boolean adds, Optional<Motive> motive) {
    /** One in the place of the choice. */
    public Option(Purpose purpose, Part part, String note) {
        this(purpose, part, note, false, Optional.empty());
    }

    /** Instead for the same money, or for more; or either of the two, with a rule of thumb for a note. */
    public enum Purpose {
        ALTERNATIVE,
        UPGRADE,
        EITHER
    }
}
