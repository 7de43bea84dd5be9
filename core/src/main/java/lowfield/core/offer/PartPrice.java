package lowfield.core.offer;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** The price of a part under a policy at a moment; computed each time, never stored, since it lapses by the clock. */
public sealed interface PartPrice {
    /** The cheapest landed admissible offer, and the other admissible ones, cheapest first. */
    record Priced(Offer best, List<Offer> runnersUp) implements PartPrice {}

    /** No admissible offer, and for each offer why not. */
    record Unpriced(List<Refused> refused) implements PartPrice {}

    /** Nobody sells it yet; what it is thought to cost. */
    record Estimated(Estimate estimate, List<Refused> refused) implements PartPrice {}

    /** An offer that may not count and why. */
    record Refused(Offer offer, List<String> why) {}

    /** The price of a quantity; an offer that is held is taken when admissible, and is the only one considered. */
    static PartPrice of(List<Offer> offers, PricePolicy policy, Instant now, int quantity, Optional<UUID> heldListing) {
        var refused = new ArrayList<Refused>();
        var admitted = new ArrayList<Offer>();
        for (var offer : offers) {
            if (heldListing.isPresent() && !heldListing.get().equals(offer.listing())) {
                continue;
            }
            var why = policy.refuse(offer, now);
            if (why.isEmpty()) {
                admitted.add(offer);
            } else {
                refused.add(new Refused(offer, why));
            }
        }
        if (admitted.isEmpty()) {
            return new Unpriced(List.copyOf(refused));
        }
        // Shipping that is not stated is not zero: whoever leaves it open never wins over one who does not.
        admitted.sort(Comparator.comparing((Offer o) -> o.isShippingOpen(quantity))
                .thenComparing(o -> o.landedAlone(quantity))
                .thenComparing(o -> o.seller().label())
                .thenComparing(Offer::listing));
        return new Priced(admitted.get(0), once(admitted));
    }

    /** Those after the first, each once, though two listings may say it. */
    private static List<Offer> once(List<Offer> sorted) {
        var once = new ArrayList<Offer>();
        for (var offer : sorted) {
            if (once.isEmpty() || !once.get(once.size() - 1).isSameBut(offer)) {
                once.add(offer);
            }
        }
        return List.copyOf(once.subList(1, once.size()));
    }

    default Optional<Offer> offer() {
        return this instanceof Priced p ? Optional.of(p.best()) : Optional.empty();
    }

    default Optional<Estimate> estimated() {
        return this instanceof Estimated e ? Optional.of(e.estimate()) : Optional.empty();
    }

    /** Why there is no price, in one line; empty when there is one. */
    default String whyNone() {
        if (!(this instanceof Unpriced none)) {
            return "";
        }
        if (none.refused().isEmpty()) {
            return "no shop has been seen offering it";
        }
        return none.refused().stream()
                .map(r -> r.offer().seller().label() + ": " + String.join(", ", r.why()))
                .collect(Collectors.joining("; "));
    }
}
