package lowfield.server.readers;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place in a frozen page that is filled when the page is served. Stored as JSON; the names stay.
 *
 * @param position in bytes from the page's start
 * @param build whose total it is; absent for what is about the whole edition
 */
record PageSlot(int position, Kind kind, @Nullable UUID build) {
    /** What goes there. */
    enum Kind {
        /** Which edition is current, on the page of an older one. */
        SUPERSEDED,
        /** What a build of the current edition costs today. */
        TODAY
    }
}
