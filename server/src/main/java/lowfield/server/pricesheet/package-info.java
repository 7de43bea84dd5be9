/** All prices of an edition that no shop gave, for the author to type one after the other. */
@NullMarked
package lowfield.server.pricesheet;

import org.jspecify.annotations.NullMarked;
