/** What may stand in a published edition. */
@NullMarked
package lowfield.core.press;

import org.jspecify.annotations.NullMarked;
