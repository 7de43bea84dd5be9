package lowfield.server.guide;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import lowfield.core.offer.PricePolicy;
import org.jspecify.annotations.Nullable;

/** One issue of a guide; the period is the first of its month. The price policy is the one it was, or is being, made
 * under; the note is for the author alone. */
public record EditionInfo(
        UUID id,
        UUID guide,
        int number,
        LocalDate period,
        @Nullable LocalDate pressOn,
        State state,
        String note,
        PricePolicy policy,
        List<ChartChoice> charts,
        int version) {
    /** In work, the current one for readers, or an older one. */
    public enum State {
        IN_WORK,
        PUBLISHED,
        SUPERSEDED
    }
}
