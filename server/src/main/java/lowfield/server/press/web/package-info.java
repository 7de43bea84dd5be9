/** The press's HTTP face. */
@NullMarked
package lowfield.server.press.web;

import org.jspecify.annotations.NullMarked;
