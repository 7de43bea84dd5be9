/** What moved since the last edition, and what was decided about it. */
@NullMarked
package lowfield.server.triage;

import org.jspecify.annotations.NullMarked;
