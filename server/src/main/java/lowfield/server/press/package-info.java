/** From an edition in work to a published one. */
@NullMarked
package lowfield.server.press;

import org.jspecify.annotations.NullMarked;
