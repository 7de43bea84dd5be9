package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import lowfield.core.Lazy;
import lowfield.core.estimate.Basis;
import lowfield.core.estimate.Estimates;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Estimator;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Stock;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.IdleCache;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;

/** Every listing's last accepted price, by part: a snapshot on the heap. What a part costs follows from it, policy and moment. */
@Service
public class Offers {
    /** A list stands at least so long, since in many offers something is always about to become a day older. */
    private static final Duration SHORTEST = Duration.ofMinutes(1);

    /** An offer, what tells it from others of its part, and the guide it counts for; absent where it counts for all. */
    private record At(UUID shop, UUID variant, UUID page, Optional<UUID> guide, Offer offer) {
        boolean isFor(Buyer buyer) {
            return buyer.shops().contains(shop)
                    && guide.map(buyer.guide()::equals).orElse(true);
        }

        /** Whether another is the same seller's for the same thing, though said for other guides. */
        boolean isSame(At other) {
            return page.equals(other.page)
                    && offer.seller().id().equals(other.offer.seller().id())
                    && offer.condition() == other.offer.condition();
        }
    }

    /** Who buys: a guide, at some shops. */
    public record Buyer(UUID guide, Set<UUID> shops) {}

    /** Offers and the bases of estimates, by part. */
    private record Seen(Map<UUID, List<At>> offers, Map<UUID, Basis> bases) {
        /** Of what was said of one offer for all guides and for this one, the newest holds. */
        List<Offer> of(UUID part, Buyer buyer) {
            var seen = offers.getOrDefault(part, List.of()).stream()
                    .filter(at -> at.isFor(buyer))
                    .toList();
            return seen.stream().map(at -> newest(at, seen)).toList();
        }

        private static Offer newest(At at, List<At> seen) {
            return seen.stream()
                    .filter(at::isSame)
                    .map(At::offer)
                    .max(Comparator.comparing(Offer::seenAt))
                    .orElseGet(at::offer)
                    .as(at.offer().listing());
        }

        /** The first moment after another from which some price may differ because something has become too old. */
        Instant nextChange(PricePolicy policy, Buyer buyer, Instant now) {
            return offers.values().stream()
                    .flatMap(List::stream)
                    .filter(at -> at.isFor(buyer))
                    .map(at -> policy.nextChange(at.offer(), now))
                    .min(Comparator.naturalOrder())
                    .orElse(Instant.MAX);
        }

        Estimator estimates(Catalogue catalogue) {
            return new Estimates(
                    part -> Optional.ofNullable(bases.get(part)),
                    catalogue::part,
                    kind -> catalogue.shelf(kind).parts());
        }
    }

    private final DSLContext db;
    private final Parts parts;
    private final Snapshot<Seen> snapshot;
    private final Cache<ListKey, HeldList> lists =
            IdleCache.cache().softValues().build();

    /** A list of prices, and from when until when it holds; until when is worked out only once the shortest time is over. */
    private record HeldList(PriceList list, Instant from, Supplier<Instant> nextChange) {
        boolean holds(Instant now) {
            return !now.isBefore(from) && (now.isBefore(from.plus(SHORTEST)) || now.isBefore(nextChange.get()));
        }
    }

    /** What a list of prices follows from but the moment; the offers and the catalogue are their own identity. */
    private record ListKey(PricePolicy policy, Buyer buyer, boolean estimates, Seen seen, Catalogue catalogue) {
        @Override
        public boolean equals(Object other) {
            return other instanceof ListKey o
                    && policy.equals(o.policy)
                    && buyer.equals(o.buyer)
                    && estimates == o.estimates
                    && seen == o.seen
                    && catalogue == o.catalogue;
        }

        @Override
        public int hashCode() {
            return Objects.hash(policy, buyer, estimates);
        }
    }

    Offers(DSLContext db, Parts parts, Notices notices) {
        this.db = db;
        this.parts = parts;
        this.snapshot = new Snapshot<>(this::load, this::renewed);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.OFFERS) {
                snapshot.invalidate(change);
            }
        });
    }

    /**
     * What parts cost a buyer under a policy at a moment, to the minute; announced ones by estimate. The same list as
     * long as nothing else was seen and nothing has become too old, so that what was worked out from it stays.
     */
    public PriceList prices(PricePolicy policy, Buyer buyer, Instant now) {
        return prices(policy, buyer, now, true);
    }

    /** What anyone could order there now: in stock, open to anyone, nothing estimated. */
    public PriceList bookable(PricePolicy policy, Buyer buyer, Instant now) {
        return prices(policy.bookableByAnyone(), buyer, now, false);
    }

    private PriceList prices(PricePolicy policy, Buyer buyer, Instant now, boolean estimates) {
        var asked = new ListKey(policy, buyer, estimates, snapshot.get(), parts.catalogue());
        return lists.asMap()
                .compute(asked, (a, known) -> known != null && known.holds(now) ? known : standing(a, now))
                .list();
    }

    private static HeldList standing(ListKey asked, Instant now) {
        var seen = asked.seen();
        var list = new PriceList(
                part -> seen.of(part, asked.buyer()),
                asked.policy(),
                now,
                asked.estimates() ? seen.estimates(asked.catalogue()) : Estimator.NONE);
        return new HeldList(list, now, new Lazy<>(() -> seen.nextChange(asked.policy(), asked.buyer(), now)));
    }

    private Seen load() {
        return seen(DSL.noCondition(), DSL.noCondition());
    }

    /** The same with the offers and estimates of some parts read anew. */
    private Seen renewed(Seen before, Set<UUID> changed) {
        var now = seen(PRODUCT_PAGE.VARIANT_ID.in(changed), VARIANT.ID.in(changed));
        return new Seen(
                replaced(before.offers(), now.offers(), changed), replaced(before.bases(), now.bases(), changed));
    }

    private static <T> Map<UUID, T> replaced(Map<UUID, T> before, Map<UUID, T> now, Set<UUID> changed) {
        var all = new HashMap<>(before);
        all.keySet().removeAll(changed);
        all.putAll(now);
        return Collections.unmodifiableMap(all);
    }

    private Seen seen(org.jooq.Condition ofListings, org.jooq.Condition ofParts) {
        return new Seen(
                listings(ofListings).stream()
                        .collect(Collectors.groupingBy(At::variant, Collectors.toUnmodifiableList())),
                db.select(VARIANT.ID, VARIANT.ESTIMATE)
                        .from(VARIANT)
                        .where(VARIANT.ESTIMATE.isNotNull())
                        .and(ofParts)
                        .fetchMap(
                                VARIANT.ID,
                                r -> Json.read(r.get(VARIANT.ESTIMATE).data(), EstimateForm.class)
                                        .basis()));
    }

    private List<At> listings(org.jooq.Condition of) {
        return db.select(LISTING.asterisk())
                .select(Source.COLUMNS)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .and(of)
                // What is said of a part's offers does not change with where their rows happen to lie.
                .orderBy(LISTING.ID)
                .fetch(Offers::at);
    }

    private static At at(Record r) {
        var currency = r.get(LISTING.ACCEPTED_CURRENCY);
        var shipping = Optional.ofNullable(r.get(LISTING.ACCEPTED_SHIPPING_MINOR))
                .or(() -> Source.shipping(r))
                .map(m -> Money.of(m, currency));
        var offer = new Offer(
                r.get(LISTING.ID),
                Source.seller(r, currency),
                Condition.valueOf(r.get(LISTING.CONDITION)),
                Money.of(r.get(LISTING.ACCEPTED_PRICE_MINOR), currency),
                shipping,
                Stock.valueOf(r.get(LISTING.ACCEPTED_STOCK)),
                r.get(LISTING.ACCEPTED_MEMBERS_ONLY),
                Optional.ofNullable(r.get(LISTING.ACCEPTED_CLAIM_BACK_MINOR)).map(m -> Money.of(m, currency)),
                Optional.ofNullable(r.get(LISTING.ACCEPTED_BOXED_COOLER)),
                r.get(LISTING.ACCEPTED_SEEN_AT).toInstant(),
                Source.linkOfOffer(r));
        return new At(
                r.get(SHOP.ID),
                r.get(PRODUCT_PAGE.VARIANT_ID),
                r.get(LISTING.PAGE_ID),
                Optional.ofNullable(r.get(LISTING.GUIDE_ID)),
                offer);
    }
}
