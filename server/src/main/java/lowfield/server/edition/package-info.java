/** Editions as stored: rows and states, and loading them for core to evaluate. */
@NullMarked
package lowfield.server.edition;

import org.jspecify.annotations.NullMarked;
