/** How prices move over time: the index of a kind. */
@NullMarked
package lowfield.core.history;

import org.jspecify.annotations.NullMarked;
