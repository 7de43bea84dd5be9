package lowfield.server.prices;

import static lowfield.db.Tables.SELLER;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Who sells at a shop, by name. */
@Component
class Sellers {
    private final DSLContext db;

    Sellers(DSLContext db) {
        this.db = db;
    }

    /** A person who sells, at no shop of the desk. */
    UUID person(UUID shop, String name) {
        db.insertInto(SELLER)
                .set(SELLER.SHOP_ID, shop)
                .set(SELLER.NAME, name)
                .set(SELLER.IS_PERSON, true)
                .onConflictDoNothing()
                .execute();
        return db.select(SELLER.ID)
                .from(SELLER)
                .where(SELLER.SHOP_ID.eq(shop), SELLER.NAME.eq(name), SELLER.IS_PERSON.isTrue())
                .fetchSingle()
                .value1();
    }

    /** Those of some names; who is not known yet is noted. In one order, so that two rounds do not wait for each other. */
    Map<String, UUID> of(UUID shop, Collection<String> names) {
        var insert = db.insertInto(SELLER, SELLER.SHOP_ID, SELLER.NAME);
        for (var name : names.stream().distinct().sorted().toList()) {
            insert = insert.values(shop, name);
        }
        insert.onConflictDoNothing().execute();
        return db.select(SELLER.NAME, SELLER.ID)
                .from(SELLER)
                .where(SELLER.SHOP_ID.eq(shop), SELLER.IS_PERSON.isFalse())
                .fetchMap(SELLER.NAME, SELLER.ID);
    }
}
