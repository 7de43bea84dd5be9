/** The shops a guide buys at, and which of their pages speak of which part. */
@NullMarked
package lowfield.server.shops;

import org.jspecify.annotations.NullMarked;
