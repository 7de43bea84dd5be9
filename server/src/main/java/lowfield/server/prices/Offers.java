package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Service;

/** Every listing's last accepted price, by part: a snapshot on the heap. What a part costs follows from it, policy and moment. */
@Service
public class Offers {
    private record At(UUID shop, UUID variant, Offer offer) {}

    private final DSLContext db;
    private final Snapshot<Map<UUID, List<At>>> snapshot;
    private final Cache<Asked, PriceList> lists =
            Caffeine.newBuilder().maximumSize(16).softValues().build();

    /** What a list of prices follows from; the offers are their own identity. */
    private record Asked(PricePolicy policy, Set<UUID> shops, Instant moment, Object offers) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Asked o
                    && policy.equals(o.policy)
                    && shops.equals(o.shops)
                    && moment.equals(o.moment)
                    && offers == o.offers;
        }

        @Override
        public int hashCode() {
            return Objects.hash(policy, shops, moment);
        }
    }

    Offers(DSLContext db, Notices notices) {
        this.db = db;
        this.snapshot = new Snapshot<>(this::load);
        notices.whenChanged(topic -> {
            if (topic == Notices.Topic.OFFERS) {
                snapshot.isStale();
            }
        });
    }

    /** What parts cost at some shops under a policy, as of the minute that a moment is in. */
    public PriceList prices(PricePolicy policy, Set<UUID> shops, Instant now) {
        var offers = snapshot.get();
        var minute = now.truncatedTo(ChronoUnit.MINUTES);
        return lists.get(
                new Asked(policy, shops, minute, offers),
                asked -> new PriceList(part -> of(offers, part, shops), policy, minute));
    }

    private static List<Offer> of(Map<UUID, List<At>> offers, UUID part, Set<UUID> shops) {
        return offers.getOrDefault(part, List.of()).stream()
                .filter(at -> shops.contains(at.shop()))
                .map(At::offer)
                .toList();
    }

    private Map<UUID, List<At>> load() {
        return db
                .select(
                        LISTING.asterisk(),
                        PRODUCT_PAGE.VARIANT_ID,
                        PRODUCT_PAGE.PATH,
                        SELLER.NAME,
                        SHOP.ID,
                        SHOP.NAME,
                        SHOP.HOST,
                        SHOP.FREE_FROM_MINOR,
                        SHOP.SHIPPING_MINOR)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .fetch(Offers::at)
                .stream()
                .collect(Collectors.groupingBy(At::variant, Collectors.toUnmodifiableList()));
    }

    private static At at(Record r) {
        var currency = r.get(LISTING.ACCEPTED_CURRENCY);
        var ofShop = r.get(SELLER.NAME).equals(r.get(SHOP.NAME));
        var freeFrom = Optional.ofNullable(r.get(SHOP.FREE_FROM_MINOR))
                .filter(m -> ofShop)
                .map(m -> Money.of(m, currency));
        var shipping = Optional.ofNullable(r.get(LISTING.ACCEPTED_SHIPPING_MINOR))
                .or(() -> Optional.ofNullable(r.get(SHOP.SHIPPING_MINOR)).filter(m -> ofShop))
                .map(m -> Money.of(m, currency));
        var seller = new Seller(r.get(LISTING.SELLER_ID), r.get(SELLER.NAME), r.get(SHOP.NAME), freeFrom);
        var offer = new Offer(
                r.get(LISTING.ID),
                seller,
                Condition.valueOf(r.get(LISTING.CONDITION)),
                Money.of(r.get(LISTING.ACCEPTED_PRICE_MINOR), currency),
                shipping,
                Stock.valueOf(r.get(LISTING.ACCEPTED_STOCK)),
                r.get(LISTING.ACCEPTED_MEMBERS_ONLY),
                r.get(LISTING.ACCEPTED_SEEN_AT).toInstant(),
                "https://" + r.get(SHOP.HOST) + r.get(PRODUCT_PAGE.PATH));
        return new At(r.get(SHOP.ID), r.get(PRODUCT_PAGE.VARIANT_ID), offer);
    }
}
