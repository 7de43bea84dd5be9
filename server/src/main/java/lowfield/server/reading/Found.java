package lowfield.server.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

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

    /** Without the same product described twice; its first description stands. */
    static List<Found> once(List<Found> products) {
        var first = new LinkedHashMap<String, Found>();
        products.forEach(p -> first.putIfAbsent(
                p.gtin()
                        .or(p::makerNumber)
                        .or(() -> Nodes.text(p.node(), "name"))
                        .orElse(""),
                p));
        return List.copyOf(first.values());
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
