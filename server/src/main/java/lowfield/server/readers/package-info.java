/** The readers' site: pages rendered at publishing, served as they are. */
@NullMarked
package lowfield.server.readers;

import org.jspecify.annotations.NullMarked;
