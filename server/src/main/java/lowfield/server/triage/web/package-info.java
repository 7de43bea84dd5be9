/** The HTTP face of triage. */
@NullMarked
package lowfield.server.triage.web;

import org.jspecify.annotations.NullMarked;
