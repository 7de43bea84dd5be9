/** Slots, choices, lines, builds and the band of a tier. */
@NullMarked
package lowfield.core.guide;

import org.jspecify.annotations.NullMarked;
