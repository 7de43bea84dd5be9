package lowfield.server.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A product's description found in a page, and where. */
record Found(JsonNode node, String where) {
    private static final List<String> GTINS = List.of("gtin13", "gtin", "gtin14", "gtin12", "gtin8");

    /** Under what shops state their own numbers. */
    private static final List<String> NUMBERS = List.of("sku", "productID", "identifier");

    Optional<String> gtin() {
        return GTINS.stream().flatMap(g -> Nodes.text(node, g).stream()).findFirst();
    }

    Optional<String> makerNumber() {
        return Nodes.text(node, "mpn");
    }

    private boolean is(Identity identity) {
        return gtin().filter(identity::isGtin).isPresent()
                || gtin().isEmpty()
                        && makerNumber().filter(identity::isMakerNumber).isPresent();
    }

    private boolean hasAddress(Identity identity) {
        return Stream.concat(
                        Nodes.each(node.path("url")).stream(),
                        Nodes.each(node.path("offers")).stream().flatMap(o -> Nodes.each(o.path("url")).stream()))
                .filter(JsonNode::isString)
                .anyMatch(u -> identity.isAddress(u.asString()));
    }

    private boolean hasNumberInAddress(Identity identity) {
        return NUMBERS.stream().flatMap(n -> Nodes.text(node, n).stream()).anyMatch(identity::isInAddress);
    }

    /**
     * The one that is the part that is looked for: by GTIN or maker's number, by its address, by the shop's own number in the
     * address; else the only one there is. Of several that could be meant none is.
     */
    static Optional<Found> one(List<Found> products, Identity identity) {
        var all = once(products);
        return all.stream()
                .filter(p -> p.is(identity))
                .findFirst()
                .or(() -> only(all, p -> p.hasAddress(identity)))
                .or(() -> only(all, p -> p.hasNumberInAddress(identity)))
                .or(() -> only(all, p -> true));
    }

    private static Optional<Found> only(List<Found> products, Predicate<Found> which) {
        var all = products.stream().filter(which).limit(2).toList();
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    /** Without the same product described twice; its first description that has a price stands, else the first. */
    static List<Found> once(List<Found> products) {
        var first = new LinkedHashMap<String, Found>();
        products.forEach(p -> first.merge(
                p.gtin()
                        .or(p::makerNumber)
                        .or(() -> Nodes.text(p.node(), "name"))
                        .orElse(""),
                p,
                (known, again) -> !known.hasPrice() && again.hasPrice() ? again : known));
        return List.copyOf(first.values());
    }

    /** Whether some offer states more than nothing; a block of zeros is a template. */
    private boolean hasPrice() {
        return hasPrice(node.path("offers"), 0);
    }

    private static boolean hasPrice(JsonNode offers, int depth) {
        return depth < 5
                && Nodes.each(offers).stream()
                        .anyMatch(o -> Stream.of(o, o.path("priceSpecification"))
                                        .flatMap(p -> Nodes.each(p).stream())
                                        .flatMap(p ->
                                                Stream.of("price", "lowPrice").flatMap(f -> Nodes.text(p, f).stream()))
                                        .anyMatch(t -> t.chars().anyMatch(c -> c >= '1' && c <= '9'))
                                || o.has("offers") && hasPrice(o.path("offers"), depth + 1));
    }

    /** What an offer on top is of, with the offer in its place. */
    private static JsonNode offered(ObjectNode item, JsonNode offer) {
        var product = item.deepCopy();
        var bare = (ObjectNode) offer.deepCopy();
        bare.remove("itemOffered");
        return product.has("offers") ? product : product.set("offers", bare);
    }

    /** Products in a tree of schema.org data, outermost first; those inside offers are other people's business. */
    static List<Found> in(JsonNode tree, String where) {
        var found = new ArrayList<Found>();
        collect(tree, where, found);
        return found;
    }

    private static void collect(JsonNode node, String where, List<Found> found) {
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(node.get(i), "%s[%d]".formatted(where, i), found);
            }
        } else if (node.isObject()) {
            if (Nodes.isType(node, "Product")) {
                found.add(new Found(node, where));
            } else if (Nodes.isType(node, "Offer") && node.path("itemOffered") instanceof ObjectNode item) {
                found.add(new Found(offered(item, node), where + " > itemOffered"));
            }
            for (var name : List.of(
                    "@graph", "mainEntity", "mainEntityOfPage", "about", "hasVariant", "itemListElement", "item")) {
                if (node.has(name)) {
                    collect(node.get(name), where + " > " + name, found);
                }
            }
        }
    }
}
