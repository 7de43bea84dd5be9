/** Exact amounts of money and what is known of them. */
@NullMarked
package lowfield.core.money;

import org.jspecify.annotations.NullMarked;
