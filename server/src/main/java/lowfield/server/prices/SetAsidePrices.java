package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.util.List;
import java.util.UUID;
import lowfield.server.catalogue.Parts;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The prices that wait for a person. */
@Service
public class SetAsidePrices {
    private final DSLContext db;
    private final Parts parts;

    SetAsidePrices(DSLContext db, Parts parts) {
        this.db = db;
        this.parts = parts;
    }

    /** A price that waits for a person. */
    public record SetAside(
            long id,
            UUID listing,
            UUID variant,
            String part,
            String seller,
            UUID shop,
            String shopName,
            long priceMinor,
            @Nullable Long lastMinor,
            String why) {
        /** "Ferrowby", or who sells there. */
        public String where() {
            return seller.equals(shopName) ? shopName : seller + " at " + shopName;
        }
    }

    /** The prices that wait for a person, newest first: the latest decision of a listing is that it was set aside. */
    public List<SetAside> of(UUID guide) {
        var newer = ACCEPTANCE.as("newer");
        return db.select(
                        ACCEPTANCE.ID,
                        ACCEPTANCE.LISTING_ID,
                        ACCEPTANCE.WHY,
                        PRODUCT_PAGE.VARIANT_ID,
                        SELLER.NAME,
                        SHOP.ID,
                        SHOP.NAME,
                        OBSERVATION.PRICE_MINOR,
                        LISTING.ACCEPTED_PRICE_MINOR)
                .from(ACCEPTANCE)
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .join(LISTING)
                .on(LISTING.ID.eq(ACCEPTANCE.LISTING_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(GUIDE_SHOP)
                .on(GUIDE_SHOP.SHOP_ID.eq(SHOP.ID))
                .where(GUIDE_SHOP.GUIDE_ID.eq(guide), ACCEPTANCE.VERDICT.eq("SET_ASIDE"))
                .and(DSL.notExists(DSL.selectOne()
                        .from(newer)
                        .where(newer.LISTING_ID.eq(ACCEPTANCE.LISTING_ID), newer.ID.gt(ACCEPTANCE.ID))))
                .orderBy(ACCEPTANCE.ID.desc())
                .fetch(this::setAside);
    }

    private SetAside setAside(Record r) {
        return new SetAside(
                r.get(ACCEPTANCE.ID),
                r.get(ACCEPTANCE.LISTING_ID),
                r.get(PRODUCT_PAGE.VARIANT_ID),
                parts.catalogue().part(r.get(PRODUCT_PAGE.VARIANT_ID)).fullName(),
                r.get(SELLER.NAME),
                r.get(SHOP.ID),
                r.get(SHOP.NAME),
                r.get(OBSERVATION.PRICE_MINOR),
                r.get(LISTING.ACCEPTED_PRICE_MINOR),
                r.get(ACCEPTANCE.WHY));
    }
}
