package lowfield.server.guide;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One issue of a guide; the period is the first of its month. */
public record EditionInfo(
        UUID id,
        UUID guide,
        int number,
        LocalDate period,
        @Nullable LocalDate pressOn,
        State state,
        int version) {
    /** In work, the current one for readers, or an older one. */
    public enum State {
        IN_WORK,
        PUBLISHED,
        SUPERSEDED
    }
}
