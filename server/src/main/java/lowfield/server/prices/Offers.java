package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
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

    Offers(DSLContext db, Notices notices) {
        this.db = db;
        this.snapshot = new Snapshot<>(this::load);
        notices.whenChanged(topic -> {
            if (topic == Notices.Topic.OFFERS) {
                snapshot.isStale();
            }
        });
    }

    /** The offers for a part at some shops. */
    public List<Offer> of(UUID part, Set<UUID> shops) {
        return snapshot.get().getOrDefault(part, List.of()).stream()
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
