package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Terms;
import org.jooq.Record;
import org.jooq.SelectFieldOrAsterisk;

/** Who sells on a page, under which terms, and where it is: read from a row that joins page, seller and shop. */
final class Source {
    static final List<SelectFieldOrAsterisk> COLUMNS = List.of(
            PRODUCT_PAGE.VARIANT_ID,
            PRODUCT_PAGE.PATH,
            SELLER.ID,
            SELLER.NAME,
            SELLER.IS_PERSON,
            SHOP.ID,
            SHOP.NAME,
            SHOP.HOST,
            SHOP.REGION,
            SHOP.RETURN_DAYS,
            SHOP.MAY_FREEZE,
            SHOP.SHOWN_DAYS,
            SHOP.FREE_FROM_MINOR,
            SHOP.SHIPPING_MINOR,
            SHOP.IS_OWN);

    private Source() {}

    /** What the shop says of shipping holds for what it sells itself only. */
    static Seller seller(Record r, String currency) {
        var freeFrom = Optional.ofNullable(r.get(SHOP.FREE_FROM_MINOR))
                .filter(m -> isShop(r))
                .map(m -> Money.of(m, currency));
        var terms = new Terms(
                r.get(SHOP.REGION),
                Optional.ofNullable(r.get(SHOP.RETURN_DAYS)),
                r.get(SHOP.MAY_FREEZE),
                Optional.ofNullable(r.get(SHOP.SHOWN_DAYS)));
        var name = r.get(SELLER.NAME);
        if (!r.get(SHOP.IS_OWN)) {
            return new Seller(r.get(SELLER.ID), name, r.get(SHOP.NAME), freeFrom, terms);
        }
        var shown = isShop(r) ? Seller.NOBODY : name;
        return new Seller(r.get(SELLER.ID), shown, r.get(SELLER.IS_PERSON) ? "" : shown, freeFrom, terms);
    }

    /** What the shop takes for shipping; absent when somebody else sells there. */
    static Optional<Long> shipping(Record r) {
        return Optional.ofNullable(r.get(SHOP.SHIPPING_MINOR)).filter(m -> isShop(r));
    }

    private static boolean isShop(Record r) {
        return r.get(SELLER.NAME).equals(r.get(SHOP.NAME));
    }

    /** The address of the page; empty for what is at no shop. */
    static String link(Record r) {
        return r.get(SHOP.IS_OWN) ? "" : "https://" + r.get(SHOP.HOST) + r.get(PRODUCT_PAGE.PATH);
    }

    /** The address of an offer: what was typed with it at no shop, else its page. */
    static String linkOfOffer(Record r) {
        return Optional.ofNullable(r.get(LISTING.ACCEPTED_LINK)).orElseGet(() -> link(r));
    }
}
