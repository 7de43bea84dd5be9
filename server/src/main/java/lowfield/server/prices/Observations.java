package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.SELLER;

import java.time.OffsetDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;
import lowfield.server.reading.SeenOffer;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Writes down what a page said; nothing is judged here. */
@Component
class Observations {
    private final DSLContext db;

    Observations(DSLContext db) {
        this.db = db;
    }

    /** Where and when something was seen. */
    record Sighting(UUID round, UUID shop, UUID page, String currency, OffsetDateTime at) {}

    /** One observation an offer; listings of the page that it no longer shows are seen to be gone. */
    void keep(Sighting sighting, List<SeenOffer> offers) {
        var shown = new HashSet<UUID>();
        for (var offer : offers) {
            var listing = listing(sighting, offer);
            if (shown.add(listing)) {
                insert(sighting, listing, offer);
            }
        }
        if (!offers.isEmpty()) {
            goneFrom(sighting, shown);
        }
    }

    private UUID listing(Sighting sighting, SeenOffer offer) {
        db.insertInto(SELLER, SELLER.SHOP_ID, SELLER.NAME)
                .values(sighting.shop(), offer.seller())
                .onConflictDoNothing()
                .execute();
        var seller = db.select(SELLER.ID)
                .from(SELLER)
                .where(SELLER.SHOP_ID.eq(sighting.shop()), SELLER.NAME.eq(offer.seller()))
                .fetchSingle(SELLER.ID);
        var condition = offer.condition().name();
        db.insertInto(LISTING, LISTING.PAGE_ID, LISTING.SELLER_ID, LISTING.CONDITION)
                .values(sighting.page(), seller, condition)
                .onConflictDoNothing()
                .execute();
        return db.select(LISTING.ID)
                .from(LISTING)
                .where(
                        LISTING.PAGE_ID.eq(sighting.page()),
                        LISTING.SELLER_ID.eq(seller),
                        LISTING.CONDITION.eq(condition))
                .fetchSingle(LISTING.ID);
    }

    private void insert(Sighting sighting, UUID listing, SeenOffer offer) {
        db.insertInto(OBSERVATION)
                .set(OBSERVATION.LISTING_ID, listing)
                .set(OBSERVATION.ROUND_ID, sighting.round())
                .set(OBSERVATION.SEEN_AT, sighting.at())
                .set(OBSERVATION.PRICE_MINOR, offer.price().map(Money::minor).orElse(null))
                .set(OBSERVATION.CURRENCY, sighting.currency())
                .set(
                        OBSERVATION.SHIPPING_MINOR,
                        offer.shipping().map(Money::minor).orElse(null))
                .set(OBSERVATION.STOCK, offer.stock().name())
                .set(OBSERVATION.MEMBERS_ONLY, offer.membersOnly())
                .execute();
    }

    private void goneFrom(Sighting sighting, Set<UUID> shown) {
        for (var listing : db.select(LISTING.ID)
                .from(LISTING)
                .where(LISTING.PAGE_ID.eq(sighting.page()), LISTING.ID.notIn(shown))
                .fetch(LISTING.ID)) {
            db.insertInto(OBSERVATION)
                    .set(OBSERVATION.LISTING_ID, listing)
                    .set(OBSERVATION.ROUND_ID, sighting.round())
                    .set(OBSERVATION.SEEN_AT, sighting.at())
                    .set(OBSERVATION.CURRENCY, sighting.currency())
                    .set(OBSERVATION.STOCK, Stock.GONE.name())
                    .set(OBSERVATION.MEMBERS_ONLY, false)
                    .execute();
        }
    }
}
