package lowfield.core.edition;

import lowfield.core.offer.PriceList;

/** What parts cost under one policy, and what they cost of offers that anyone can take today. */
public record LinePrices(PriceList counted, PriceList available) {}
