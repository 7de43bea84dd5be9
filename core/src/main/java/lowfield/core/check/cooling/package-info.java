/** Checks of coolers, radiators, fans and thermal paste. */
@NullMarked
package lowfield.core.check.cooling;

import org.jspecify.annotations.NullMarked;
