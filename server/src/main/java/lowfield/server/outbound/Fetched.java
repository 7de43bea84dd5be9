package lowfield.server.outbound;

import java.time.Duration;
import java.util.Optional;

/** What came of asking for something. */
public sealed interface Fetched {
    /** The text, and the sender's mark of it if it gives one. */
    record Page(String html, Optional<String> etag) implements Fetched {}

    /** A whole list, kept on disk until it is closed. */
    record Listed(StoredBody body) implements Fetched {}

    /** It is what it was when the mark that was sent along was given. */
    record Unchanged() implements Fetched {}

    /** The sender asks to be left alone for a while. */
    record Later(Duration patience, String sentence) implements Fetched {}

    /** Why there is nothing, as a sentence for the author; {@code passing} when asking again soon may help. */
    record Failed(String sentence, boolean passing) implements Fetched {}

    /** Why there is nothing to read; empty where there is. */
    default String why() {
        if (this instanceof Later later) {
            return later.sentence();
        }
        return this instanceof Failed failed ? failed.sentence() : "";
    }
}
