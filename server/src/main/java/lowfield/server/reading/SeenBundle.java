package lowfield.server.reading;

import java.util.Map;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;

/** Several products for one price, as a page states it: how many of each GTIN. */
public record SeenBundle(String seller, Map<Gtin, Integer> goods, Money price, Stock stock, boolean membersOnly) {}
