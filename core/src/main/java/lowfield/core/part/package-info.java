/** Products with typed figures of their kind. */
@NullMarked
package lowfield.core.part;

import org.jspecify.annotations.NullMarked;
