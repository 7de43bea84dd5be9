/** Notices of an update over HTTP. */
@NullMarked
package lowfield.server.updates.web;

import org.jspecify.annotations.NullMarked;
