/** Alternatives and upgrades: proposed from the catalogue, held against the data, and against simply taking the next tier. */
@NullMarked
package lowfield.core.option;

import org.jspecify.annotations.NullMarked;
