/** Edits over HTTP, each with a key so that it can be sent again. */
@NullMarked
package lowfield.server.editing.web;

import org.jspecify.annotations.NullMarked;
