package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.offer.Stock;
import lowfield.server.reading.SeenOffer;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * A shop's listings: what one seller offers on one page in one condition, for all guides of the desk. Those not known yet are
 * made, many at once.
 */
@Component
public class Listings {
    /** What tells listings of one shop apart. */
    public record Key(UUID page, String seller, String condition) {
        public static Key of(UUID page, SeenOffer offer) {
            return new Key(page, offer.seller(), offer.condition().name());
        }
    }

    private final DSLContext db;
    private final Sellers sellers;

    Listings(DSLContext db, Sellers sellers) {
        this.db = db;
        this.sellers = sellers;
    }

    /** The listing of each key. */
    public Map<Key, UUID> of(UUID shop, Collection<Key> keys) {
        var pages = keys.stream().map(Key::page).collect(Collectors.toSet());
        var known = known(shop, pages);
        var missing =
                keys.stream().filter(k -> !known.containsKey(k)).distinct().toList();
        if (missing.isEmpty()) {
            return known;
        }
        make(shop, missing);
        return known(shop, pages);
    }

    private Map<Key, UUID> known(UUID shop, Set<UUID> pages) {
        return db.select(LISTING.PAGE_ID, SELLER.NAME, LISTING.CONDITION, LISTING.ID)
                .from(LISTING)
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .where(LISTING.PAGE_ID.in(ValueTable.of(pages.toArray(UUID[]::new))), LISTING.GUIDE_ID.isNull())
                .fetchMap(r -> new Key(r.value1(), r.value2(), r.value3()), r -> r.value4());
    }

    private void make(UUID shop, List<Key> keys) {
        var ids = sellers.of(shop, keys.stream().map(Key::seller).toList());
        var insert = db.insertInto(LISTING, LISTING.PAGE_ID, LISTING.SELLER_ID, LISTING.CONDITION);
        for (var key : keys) {
            insert = insert.values(key.page(), ids.get(key.seller()), key.condition());
        }
        insert.onConflictDoNothing().execute();
    }

    /** A shop's pages by their path, each with the part it speaks of. */
    public Map<String, PageOf> pages(UUID shop) {
        return db.select(PRODUCT_PAGE.PATH, PRODUCT_PAGE.ID, PRODUCT_PAGE.VARIANT_ID)
                .from(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop))
                .fetchMap(r -> r.value1(), r -> new PageOf(r.value2(), r.value3()));
    }

    /** A page and the part that it speaks of. */
    public record PageOf(UUID id, UUID part) {}

    /** Notes pages that were not known, by path. */
    public Map<String, PageOf> addPages(UUID shop, Map<String, UUID> parts) {
        var made = new HashMap<String, PageOf>();
        var rows = new ArrayList<>(parts.entrySet());
        if (rows.isEmpty()) {
            return made;
        }
        var insert = db.insertInto(PRODUCT_PAGE, PRODUCT_PAGE.SHOP_ID, PRODUCT_PAGE.VARIANT_ID, PRODUCT_PAGE.PATH);
        for (var row : rows) {
            insert = insert.values(shop, row.getValue(), row.getKey());
        }
        insert.onConflictDoNothing().execute();
        return pages(shop);
    }

    /** Listings of some pages, or of the whole shop, that were not taken to be gone yet. */
    public List<UUID> standing(UUID shop, @Nullable UUID page) {
        return db.select(LISTING.ID)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop), PRODUCT_PAGE.BY_HAND.isFalse(), LISTING.GUIDE_ID.isNull())
                .and(page == null ? DSL.noCondition() : PRODUCT_PAGE.ID.eq(page))
                .and(LISTING.ACCEPTED_STOCK.isNull().or(LISTING.ACCEPTED_STOCK.ne(Stock.GONE.name())))
                .fetch(LISTING.ID);
    }
}
