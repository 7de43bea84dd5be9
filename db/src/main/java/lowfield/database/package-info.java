/** What is done to the database from outside the server: migrating, backing up and restoring it. */
@NullMarked
package lowfield.database;

import org.jspecify.annotations.NullMarked;
