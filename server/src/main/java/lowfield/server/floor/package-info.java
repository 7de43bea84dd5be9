/** Floors for measurements, there only when asked for at start-up: one row read, one row updated, one file served. */
@NullMarked
package lowfield.server.floor;

import org.jspecify.annotations.NullMarked;
