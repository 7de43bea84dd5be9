/** Gathers what core needs to say what of an edition wants the author. */
@NullMarked
package lowfield.server.attention;

import org.jspecify.annotations.NullMarked;
