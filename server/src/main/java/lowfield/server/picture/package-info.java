/** Pictures of parts and builds that authors took or drew: checked, drawn anew in three sizes, kept in the database. */
@NullMarked
package lowfield.server.picture;

import org.jspecify.annotations.NullMarked;
