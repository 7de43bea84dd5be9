/** Parts from links: what a product page says, read into figures for the author to confirm. */
@NullMarked
package lowfield.server.intake;

import org.jspecify.annotations.NullMarked;
