/** The prices' HTTP face. */
@NullMarked
package lowfield.server.prices.web;

import org.jspecify.annotations.NullMarked;
