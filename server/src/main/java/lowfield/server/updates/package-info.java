/** What an update changed in the data, for authors to know. */
@NullMarked
package lowfield.server.updates;

import org.jspecify.annotations.NullMarked;
