/** The HTTP face of part files. */
@NullMarked
package lowfield.server.exchange.web;

import org.jspecify.annotations.NullMarked;
