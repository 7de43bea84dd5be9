package lowfield.core.check;

import java.util.UUID;

/** A figure that is missing from the catalogue and that a check would need: the part, the figure's name in its schema, and its label. */
public record Gap(UUID part, String field, String label) {}
