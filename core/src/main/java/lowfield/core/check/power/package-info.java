/** Checks of the PSU, and what a build draws. */
@NullMarked
package lowfield.core.check.power;

import org.jspecify.annotations.NullMarked;
