/** Pictures over HTTP. */
@NullMarked
package lowfield.server.picture.web;

import org.jspecify.annotations.NullMarked;
