package lowfield.core.edition;

import lowfield.core.part.Part;

/**
 * A part that the author names beside a choice, and what they say of it.
 *
 * @param adds whether it comes beside the choice, as a second kit or drive does, and not in its place
 */
public record Option(Purpose purpose, Part part, String note, boolean adds) {
    /** One in the place of the choice. */
    public Option(Purpose purpose, Part part, String note) {
        this(purpose, part, note, false);
    }

    /** Instead for the same money, or for more. */
    public enum Purpose {
        ALTERNATIVE,
        UPGRADE
    }
}
