/** Parts as files: CSV and JSON, in with a dry run first, and out. */
@NullMarked
package lowfield.server.exchange;

import org.jspecify.annotations.NullMarked;
