/** Prices through time: of parts, of kinds, of tiers. */
@NullMarked
package lowfield.server.history;

import org.jspecify.annotations.NullMarked;
