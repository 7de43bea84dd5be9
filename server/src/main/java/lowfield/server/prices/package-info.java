/** Seen prices, what was decided about them, and the offers that follow. */
@NullMarked
package lowfield.server.prices;

import org.jspecify.annotations.NullMarked;
