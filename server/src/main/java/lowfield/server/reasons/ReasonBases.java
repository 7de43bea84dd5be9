package lowfield.server.reasons;

import java.util.UUID;
import lowfield.core.proofreading.Slip;
import lowfield.core.reason.ReasonBasis;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LineState;
import org.springframework.stereotype.Component;

/** What a reason relies on at the moment it is written or confirmed. */
@Component
public class ReasonBases {
    private final EditionLoader editions;
    private final ReasonReadings readings;

    ReasonBases(EditionLoader editions, ReasonReadings readings) {
        this.editions = editions;
        this.readings = readings;
    }

    /** The basis of the reason that a line has now. */
    public ReasonBasis of(UUID edition, UUID line, LineState about) {
        var loaded = editions.load(edition);
        var meant = about.basisOf().meant().stream()
                .filter(key -> Slip.stands(key, about.reason()))
                .toList();
        return loaded.evaluated()
                .place(line)
                .map(at -> new ReasonBasis(
                        readings.read(loaded, at, about.reason()).claims(), meant))
                .orElse(ReasonBasis.none());
    }
}
