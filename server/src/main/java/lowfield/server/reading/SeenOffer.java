package lowfield.server.reading;

import java.time.LocalDate;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;

/**
 * One offer as a page or a feed states it. The price is absent only when it cannot be bought either.
 *
 * @param from where it was read, as a path in the page's data or a line of the feed
 * @param validUntil the last day of the price, if one is named
 */
public record SeenOffer(
        String seller,
        Condition condition,
        Optional<Money> price,
        Optional<Money> shipping,
        Stock stock,
        boolean membersOnly,
        String from,
        Optional<LocalDate> validUntil) {
    /** One that says nothing of its end. */
    public SeenOffer(
            String seller,
            Condition condition,
            Optional<Money> price,
            Optional<Money> shipping,
            Stock stock,
            boolean membersOnly,
            String from) {
        this(seller, condition, price, shipping, stock, membersOnly, from, Optional.empty());
    }
}
