package lowfield.server.shops;

import static lowfield.db.Tables.SHOP;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.db.tables.records.ShopRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * The shop of prices that have none: what an author saw somewhere, at no shop that is set up here. There is one for each
 * currency; it counts for every guide of that currency, is in no list of shops, has no pages and is never asked.
 */
@Component
public class OwnShop {
    private final DSLContext db;

    OwnShop(DSLContext db) {
        this.db = db;
    }

    /** The same for a currency at every desk, whether it has been needed yet or not. */
    public static UUID id(String currency) {
        return UUID.nameUUIDFromBytes(("own shop " + currency).getBytes(StandardCharsets.UTF_8));
    }

    /** What it is called. */
    public static String name(String currency) {
        return "The author's price (%s)".formatted(currency);
    }

    /** The shop of a currency, made when it is first needed. */
    public ShopRecord of(String currency) {
        var code = Money.currencyOf(currency).getCurrencyCode();
        db.insertInto(SHOP)
                .set(SHOP.ID, id(code))
                .set(SHOP.NAME, name(code))
                .set(SHOP.HOST, "own-%s.invalid".formatted(code.toLowerCase(Locale.ROOT)))
                .set(SHOP.CURRENCY, code)
                .set(SHOP.REGION, "")
                .set(SHOP.ZONE, "UTC")
                .set(SHOP.TAX_PERMILLE, 0)
                .set(SHOP.SHIPPING_MINOR, 0L)
                .set(SHOP.IS_OWN, true)
                .onConflictDoNothing()
                .execute();
        return db.selectFrom(SHOP).where(SHOP.ID.eq(id(code))).fetchSingle();
    }
}
