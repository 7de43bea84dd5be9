/** What moved since the last edition. */
@NullMarked
package lowfield.core.change;

import org.jspecify.annotations.NullMarked;
