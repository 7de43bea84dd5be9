/** Journeys through the desk and the readers' site in a real browser. */
@NullMarked
package lowfield.e2e;

import org.jspecify.annotations.NullMarked;
