package lowfield.core.press;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.guide.Line;
import lowfield.core.reason.Reason;
import lowfield.core.total.BandState;

/** One build as the preflight reads it. */
public record Sheet(
        UUID build, String name, List<Finding> findings, BandState band, List<String> blame, List<Entry> entries) {
    /** One filled line: its reason, when its price was seen (absent when it needs none), why there is none, dead options. */
    public record Entry(
            Line line,
            Reason reason,
            Optional<Instant> priceSeen,
            String whyNoPrice,
            List<String> optionsWithoutPrice) {}
}
