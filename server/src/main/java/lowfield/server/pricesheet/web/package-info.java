/** The price sheet over HTTP. */
@NullMarked
package lowfield.server.pricesheet.web;

import org.jspecify.annotations.NullMarked;
