package lowfield.server.shops;

import static lowfield.db.Tables.SHOP;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.db.tables.records.ShopRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * The place of offers that are at no shop of this desk: a person's, another shop's, or what an author saw somewhere. There is
 * one for each currency. It is in no list of shops, has no pages and is never asked; which guide an offer there counts for
 * is the offer's own (decision 025).
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

    /** Some shops of the desk, and the place beside them. */
    public static Set<UUID> beside(Set<UUID> shops, String currency) {
        return Stream.concat(shops.stream(), Stream.of(id(currency))).collect(Collectors.toUnmodifiableSet());
    }

    /** What it is called in the database; nobody reads it. */
    public static String name(String currency) {
        return "no shop (%s)".formatted(currency);
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
                .set(SHOP.IS_OWN, true)
                .onConflictDoNothing()
                .execute();
        return db.selectFrom(SHOP).where(SHOP.ID.eq(id(code))).fetchSingle();
    }
}
