/** Parts from links over HTTP. */
@NullMarked
package lowfield.server.intake.web;

import org.jspecify.annotations.NullMarked;
