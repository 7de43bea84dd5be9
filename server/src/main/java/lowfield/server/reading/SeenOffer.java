package lowfield.server.reading;

import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;

/** One offer as a page states it. The price is absent only when it cannot be bought either. */
public record SeenOffer(
        String seller,
        Condition condition,
        Optional<Money> price,
        Optional<Money> shipping,
        Stock stock,
        boolean membersOnly) {}
