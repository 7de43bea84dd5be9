package lowfield.core.edition;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.money.Money;

/** What the last published edition showed of a build: its lines by id, and its counted total where that was known. */
public record PublishedBuild(Map<UUID, LineChange.Published> lines, Optional<Money> total) {
    public PublishedBuild {
        lines = Map.copyOf(lines);
    }
}
