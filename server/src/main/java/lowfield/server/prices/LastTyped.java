package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Component;

/** What was typed last of some parts and counts, so that the next price can be typed for the same place. */
@Component
public class LastTyped {
    private final DSLContext db;

    LastTyped(DSLContext db) {
        this.db = db;
    }

    /**
     * A price by a person's word.
     *
     * @param number by which it can be taken back
     * @param shop absent where it is at no shop of the desk
     * @param seller absent where the shop itself sells, and for nobody in particular
     * @param link absent where only the shop is known
     */
    public record Typed(
            UUID listing,
            long number,
            Optional<UUID> shop,
            Optional<String> seller,
            boolean isByPerson,
            Optional<String> link,
            Condition condition,
            Money price,
            Instant seenAt) {}

    /** What was typed of some parts and counts for a guide, in a currency, by listing. */
    public Map<UUID, Typed> of(UUID guide, Collection<UUID> parts, String currency) {
        var found = new HashMap<UUID, Typed>();
        db.select(LISTING.asterisk(), ACCEPTANCE.ID)
                .select(Source.COLUMNS)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(OBSERVATION)
                .on(OBSERVATION.LISTING_ID.eq(LISTING.ID), OBSERVATION.SEEN_AT.eq(LISTING.ACCEPTED_SEEN_AT))
                .join(ACCEPTANCE)
                .on(ACCEPTANCE.OBSERVATION_ID.eq(OBSERVATION.ID), ACCEPTANCE.SEEN_AT.eq(OBSERVATION.SEEN_AT))
                .where(
                        PRODUCT_PAGE.VARIANT_ID.in(ValueTable.of(parts.toArray(UUID[]::new))),
                        OBSERVATION.ACCOUNT_ID.isNotNull(),
                        TypedPlaces.isFor(guide),
                        LISTING.ACCEPTED_CURRENCY.eq(currency))
                .orderBy(LISTING.ACCEPTED_SEEN_AT, ACCEPTANCE.ID)
                .forEach(r -> found.put(r.get(LISTING.ID), typed(r, currency)));
        return found;
    }

    private static Typed typed(Record r, String currency) {
        var isOwn = r.get(SHOP.IS_OWN);
        var path = r.get(PRODUCT_PAGE.PATH);
        return new Typed(
                r.get(LISTING.ID),
                r.get(ACCEPTANCE.ID),
                Optional.of(r.get(SHOP.ID)).filter(shop -> !isOwn),
                Optional.of(r.get(SELLER.NAME)).filter(s -> !s.equals(r.get(SHOP.NAME))),
                r.get(SELLER.IS_PERSON),
                Optional.of(Source.linkOfOffer(r)).filter(link -> !link.isEmpty() && (isOwn || !path.startsWith("/#"))),
                Condition.valueOf(r.get(LISTING.CONDITION)),
                Money.of(r.get(LISTING.ACCEPTED_PRICE_MINOR), currency),
                r.get(LISTING.ACCEPTED_SEEN_AT).toInstant());
    }
}
