package lowfield.core.offer;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** What any part costs under one policy at one moment. Each price is worked out once; safe to ask from several threads. */
public final class PriceList {
    private static final Duration A_DAY = Duration.ofDays(1);

    private record PriceKey(UUID part, int quantity, Optional<UUID> held) {}

    private final Function<UUID, List<Offer>> offers;
    private final PricePolicy policy;
    private final Instant now;
    private final Estimator estimator;
    private final Map<PriceKey, PartPrice> known = new ConcurrentHashMap<>();

    /** {@code offers} gives those seen for a part, in any order. */
    public PriceList(Function<UUID, List<Offer>> offers, PricePolicy policy, Instant now) {
        this(offers, policy, now, Estimator.NONE);
    }

    /** With estimates for parts that nobody sells yet. */
    public PriceList(Function<UUID, List<Offer>> offers, PricePolicy policy, Instant now, Estimator estimator) {
        this.estimator = estimator;
        this.offers = offers;
        this.policy = policy;
        this.now = now;
    }

    /** The price of a quantity; with {@code held}, the listing the author holds the choice to. */
    public PartPrice of(UUID part, int quantity, Optional<UUID> held) {
        var asked = new PriceKey(part, quantity, held);
        var price = known.get(asked);
        if (price == null) {
            // Not within computeIfAbsent, since an estimate asks for the prices of other parts.
            price = priced(asked);
            known.putIfAbsent(asked, price);
        }
        return price;
    }

    private PartPrice priced(PriceKey asked) {
        var price = PartPrice.of(offers.apply(asked.part()), policy, now, asked.quantity(), asked.held());
        return price instanceof PartPrice.Unpriced none && asked.held().isEmpty()
                ? estimator
                        .estimate(asked.part(), this)
                        .<PartPrice>map(e -> new PartPrice.Estimated(e, none.refused()))
                        .orElse(price)
                : price;
    }

    /** The offer of whoever asks least for one piece; never an estimate, so that estimates can be made from it. */
    public Optional<Offer> offer(UUID part) {
        var price = known.get(new PriceKey(part, 1, Optional.empty()));
        return (price == null ? PartPrice.of(offers.apply(part), policy, now, 1, Optional.empty()) : price).offer();
    }

    /**
     * Every offer of a part that is known, cheapest at the door first, each with why it may not count; those that may have no
     * reason.
     */
    public List<PartPrice.Refused> judged(UUID part, int quantity) {
        return offers.apply(part).stream()
                .sorted(Comparator.comparing((Offer o) -> o.landedAlone(quantity))
                        .thenComparing(o -> o.seller().label())
                        .thenComparing(Offer::listing))
                .map(o -> new PartPrice.Refused(o, policy.refuse(o, now)))
                .toList();
    }

    /** Which offers count in it. */
    public PricePolicy policy() {
        return policy;
    }

    /** The price of one piece as it would be if one more offer were seen. */
    public PartPrice with(UUID part, Offer more) {
        var all = new ArrayList<>(offers.apply(part));
        all.add(more);
        return PartPrice.of(all, policy, now, 1, Optional.empty());
    }

    /**
     * What counted last of a part that has no price now, or of the listing that a choice is pinned to: the cheapest of those
     * seen within a day of the newest that nothing but time keeps from counting. Absent where no offer ever counted.
     */
    public Optional<Offer> lapsed(UUID part, int quantity, Optional<UUID> held) {
        var lapsed = offers.apply(part).stream()
                .filter(o -> held.map(o.listing()::equals).orElse(true))
                .filter(o -> policy.isOnlyTooOld(o, now))
                .toList();
        var newest = lapsed.stream().map(Offer::seenAt).max(Comparator.naturalOrder());
        return newest.flatMap(last -> lapsed.stream()
                .filter(o -> o.seenAt().isAfter(last.minus(A_DAY)))
                .min(Comparator.comparing((Offer o) -> o.isShippingOpen(quantity))
                        .thenComparing(o -> o.landedAlone(quantity))
                        .thenComparing(Offer::listing)));
    }

    /** Whether nothing but its condition keeps an offer from counting. */
    public boolean isKeptOutByConditionAlone(Offer offer) {
        return !policy.conditions().contains(offer.condition())
                && policy.refuse(offer, now).size() == 1;
    }

    /** The price of one piece from whoever asks least. */
    public PartPrice of(UUID part) {
        return of(part, 1, Optional.empty());
    }
}
