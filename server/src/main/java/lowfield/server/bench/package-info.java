/** Working on builds: lines, their journal, and everything that follows from them. */
@NullMarked
package lowfield.server.bench;

import org.jspecify.annotations.NullMarked;
