package lowfield.server.bench;

import java.util.List;
import java.util.UUID;

/** The tiers of an edition in their order. */
record TierOrder(List<UUID> tiers) {
    TierOrder {
        tiers = List.copyOf(tiers);
    }
}
