package lowfield.server.edition;

import java.util.List;
import java.util.UUID;

/** The tiers of an edition in their order. */
public record TierOrder(List<UUID> tiers) {
    public TierOrder {
        tiers = List.copyOf(tiers);
    }
}
