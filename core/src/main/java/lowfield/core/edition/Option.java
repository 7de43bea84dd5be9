package lowfield.core.edition;

import lowfield.core.part.Part;

/** A part that the author names beside a choice, and what they say of it. */
public record Option(Purpose purpose, Part part, String note) {
    /** Instead for the same money, or for more. */
    public enum Purpose {
        ALTERNATIVE,
        UPGRADE
    }
}
