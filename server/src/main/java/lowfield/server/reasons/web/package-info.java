/** The HTTP face of reasons. */
@NullMarked
package lowfield.server.reasons.web;

import org.jspecify.annotations.NullMarked;
