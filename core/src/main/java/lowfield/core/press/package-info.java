/** The gates before publishing. */
@NullMarked
package lowfield.core.press;

import org.jspecify.annotations.NullMarked;
