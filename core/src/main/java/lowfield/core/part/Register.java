package lowfield.core.part;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/** Parts by all that they can be known by. Not safe for several threads. */
public final class Register {
    private final Map<Object, UUID> parts = new HashMap<>();

    /** Enters a part under a designation; one part may have several, as when another was merged into it. */
    public void enter(UUID part, Designation designation) {
        designation.keys().forEach(k -> parts.put(k, part));
    }

    /** The part that is meant: the one with that GTIN, else with that maker's number, else with those names; none if new. */
    public Optional<UUID> find(Designation designation) {
        return designation.keys().stream()
                .map(parts::get)
                .filter(Objects::nonNull)
                .findFirst();
    }
}
