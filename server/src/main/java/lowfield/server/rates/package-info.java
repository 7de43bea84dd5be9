/** Exchange rates by day, from the rate service. */
@NullMarked
package lowfield.server.rates;

import org.jspecify.annotations.NullMarked;
