/** What shops ask, which of it may count, and what is set aside. */
@NullMarked
package lowfield.core.offer;

import org.jspecify.annotations.NullMarked;
