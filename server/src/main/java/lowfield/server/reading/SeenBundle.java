package lowfield.server.reading;

import java.util.Map;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;

/** Several products for one price, as a page states it: how many of each plain GTIN. */
public record SeenBundle(String seller, Map<String, Integer> goods, Money price, Stock stock, boolean membersOnly) {}
