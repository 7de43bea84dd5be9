/** Published editions: one frozen snapshot a revision. */
@NullMarked
package lowfield.server.archive;

import org.jspecify.annotations.NullMarked;
