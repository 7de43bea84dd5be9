package lowfield.server.reasons;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.proofreading.Slip;
import lowfield.core.reason.ReasonBasis;
import lowfield.core.reason.TextChange;
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

    /** Of a reason that is confirmed as it stands. */
    public ReasonBasis confirmed(UUID edition, UUID line, LineState about) {
        var meant = meant(about);
        return claims(edition, line, about.reason())
                .map(claims -> new ReasonBasis(claims, meant))
                .orElse(ReasonBasis.none());
    }

    /** Of a reason that was edited: only what was touched is looked at, and the price of a choice that it is now written for. */
    public ReasonBasis edited(UUID edition, UUID line, LineState before, LineState after) {
        var change = TextChange.between(before.reason(), after.reason());
        if (before.reason().isBlank() || change.isWhole(after.reason())) {
            return confirmed(edition, line, after);
        }
        var isForAnother = !after.reasonFor().equals(before.reasonFor());
        var was = new ReasonBasis(
                before.basisOf().claims().stream()
                        .filter(c -> !isForAnother || !c.isOwnPrice())
                        .toList(),
                meant(after));
        return claims(edition, line, after.reason())
                .map(now -> was.edited(
                        change,
                        now,
                        claims(edition, line, change.of(after.reason())).orElse(List.of())))
                .orElse(ReasonBasis.none());
    }

    private static List<String> meant(LineState about) {
        return about.basisOf().meant().stream()
                .filter(key -> Slip.stands(key, about.reason()))
                .toList();
    }

    private Optional<List<ReasonBasis.Claim>> claims(UUID edition, UUID line, String text) {
        var loaded = editions.load(edition);
        return loaded.evaluated()
                .place(line)
                .map(at -> readings.read(loaded, at, text).claims());
    }
}
