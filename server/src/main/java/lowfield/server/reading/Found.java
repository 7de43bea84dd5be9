package lowfield.server.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** A product's description found in a page, and where. */
record Found(JsonNode node, String where) {
    private static final List<String> GTINS = List.of("gtin13", "gtin", "gtin14", "gtin12", "gtin8");

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

    /**
     * The one that is the part that is looked for: by GTIN or maker's number, else the only one there is.
     */
    static Optional<Found> one(List<Found> products, Identity identity) {
        return products.stream()
                .filter(p -> p.is(identity))
                .findFirst()
                .or(() -> distinct(products).size() == 1 ? Optional.of(products.get(0)) : Optional.empty());
    }

    /** Without the same product described twice. */
    private static List<String> distinct(List<Found> products) {
        return products.stream()
                .map(p -> p.gtin()
                        .or(p::makerNumber)
                        .or(() -> Nodes.text(p.node(), "name"))
                        .orElse(""))
                .distinct()
                .toList();
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
