/** Checks of the graphics card: its room in the case, its slot and lanes, its power. */
@NullMarked
package lowfield.core.check.card;

import org.jspecify.annotations.NullMarked;
