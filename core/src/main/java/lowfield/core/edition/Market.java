package lowfield.core.edition;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import lowfield.core.offer.Bundle;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * What the market offers a build at one moment.
 *
 * @param bundles those that the edition's policy admits; asked for each time, since they lapse by the clock
 * @param forSale the parts of a kind that have a price in the edition, cheapest first
 */
public record Market(BuildPrices prices, Supplier<List<Bundle>> bundles, Function<Kind, List<Part>> forSale) {}
