/** Parts as they are stored, and the snapshot everything else reads. */
@NullMarked
package lowfield.server.catalogue;

import org.jspecify.annotations.NullMarked;
