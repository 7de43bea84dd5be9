package lowfield.server.reading;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lowfield.core.part.Gtin;
import tools.jackson.databind.JsonNode;

/**
 * Tells offers of several products together from offers of the page's own: schema.org's {@code itemOffered} that
 * {@code includesObject}, each a {@code TypeAndQuantityNode} of a product with a GTIN.
 */
final class BundleReader {
    private static final int MOST_GOODS = 12;
    private static final int MOST_OF_ONE = 20;

    private BundleReader() {}

    static boolean isBundle(JsonNode offer) {
        return Nodes.each(offer.path("itemOffered")).stream().anyMatch(i -> i.has("includesObject"))
                || offer.has("includesObject");
    }

    /** How many of each; absent when one of them has no GTIN or no whole quantity, or when there are too many. */
    static Optional<Map<Gtin, Integer>> goods(JsonNode offer) {
        var goods = new LinkedHashMap<Gtin, Integer>();
        var included = Nodes.each(offer.path("itemOffered")).stream()
                .flatMap(i -> Nodes.each(i.path("includesObject")).stream())
                .toList();
        var all = included.isEmpty() ? Nodes.each(offer.path("includesObject")) : included;
        for (var one : all) {
            var product = new Found(one.has("typeOfGood") ? one.path("typeOfGood") : one, "");
            var gtin = product.gtin().map(Gtin::new).filter(g -> !g.digits().isEmpty());
            var quantity = Nodes.text(one, "amountOfThisGood").orElse("1");
            if (gtin.isEmpty() || !quantity.matches("[0-9]{1,2}") || goods.size() >= MOST_GOODS) {
                return Optional.empty();
            }
            goods.merge(gtin.get(), Integer.parseInt(quantity), Integer::sum);
        }
        var isWhole = !goods.isEmpty()
                && goods.values().stream().allMatch(n -> n >= 1 && n <= MOST_OF_ONE)
                && goods.values().stream().mapToInt(n -> n).sum() >= 2;
        return isWhole ? Optional.of(goods) : Optional.empty();
    }
}
