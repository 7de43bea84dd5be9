package lowfield.core.offer;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/**
 * Several parts that one seller sells together, new, for one price.
 *
 * @param parts how many of each, two pieces at least
 * @param shippingAlone what shipping it costs when nothing else is bought there; absent where that is not stated
 */
public record Bundle(
        Seller seller,
        Map<UUID, Integer> parts,
        Money price,
        Optional<Money> shippingAlone,
        Stock stock,
        boolean membersOnly,
        Instant seenAt,
        String link) {
    public Bundle {
        parts = Map.copyOf(parts);
        RuleBroken.unless(parts.values().stream().mapToInt(n -> n).sum() >= 2, "A bundle has two pieces at least.");
    }

    /** Why a bundle may not count under a policy; empty when it may. */
    public List<String> refusedBy(PricePolicy policy, Instant now) {
        return policy.refuse(
                new Offer(seller.id(), seller, Condition.NEW, price, shippingAlone, stock, membersOnly, seenAt, link),
                now);
    }
}
