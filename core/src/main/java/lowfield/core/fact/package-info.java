/** Facts that a text about a choice can hold, written {@code {{path}}}: a closed set, filled from an evaluated edition. */
@NullMarked
package lowfield.core.fact;

import org.jspecify.annotations.NullMarked;
