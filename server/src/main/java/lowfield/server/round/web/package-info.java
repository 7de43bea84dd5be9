/** Price rounds over HTTP. */
@NullMarked
package lowfield.server.round.web;

import org.jspecify.annotations.NullMarked;
