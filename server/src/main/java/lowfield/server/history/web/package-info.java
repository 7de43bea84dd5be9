/** The HTTP face of prices through time. */
@NullMarked
package lowfield.server.history.web;

import org.jspecify.annotations.NullMarked;
