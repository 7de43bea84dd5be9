package lowfield.core.offer;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** What any part costs under one policy at one moment. Each price is worked out once; safe to ask from several threads. */
public final class PriceList {
    private record Asked(UUID part, int quantity, Optional<UUID> held) {}

    private final Function<UUID, List<Offer>> offers;
    private final PricePolicy policy;
    private final Instant now;
    private final Map<Asked, PartPrice> known = new ConcurrentHashMap<>();

    /** {@code offers} gives those seen for a part, in any order. */
    public PriceList(Function<UUID, List<Offer>> offers, PricePolicy policy, Instant now) {
        this.offers = offers;
        this.policy = policy;
        this.now = now;
    }

    /** The price of a quantity; with {@code held}, the listing the author holds the choice to. */
    public PartPrice of(UUID part, int quantity, Optional<UUID> held) {
        return known.computeIfAbsent(
                new Asked(part, quantity, held),
                asked -> PartPrice.of(offers.apply(part), policy, now, quantity, held));
    }

    /** The price of one piece from whoever asks least. */
    public PartPrice of(UUID part) {
        return of(part, 1, Optional.empty());
    }
}
