package lowfield.server.reading;

import java.util.Optional;
import org.jsoup.nodes.Document;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The price in a page's meta tags (Open Graph), as the product of schema.org that it would be; read when nothing better is there. */
final class OpenGraph {
    private static final JsonMapper JSON = new JsonMapper();

    private OpenGraph() {}

    static Optional<JsonNode> offer(Document page) {
        return meta(page, "price:amount").map(amount -> {
            var offer = JSON.createObjectNode().put("@type", "Offer").put("price", amount);
            meta(page, "price:currency").ifPresent(currency -> offer.put("priceCurrency", currency));
            meta(page, "availability").ifPresent(stock -> offer.put("availability", term(stock)));
            var product = JSON.createObjectNode().put("@type", "Product");
            product.set("offers", offer);
            return product;
        });
    }

    /** "instock" and "in stock" as schema.org writes them. */
    private static String term(String stock) {
        return switch (stock.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]", "")) {
            case "instock", "available" -> "InStock";
            case "outofstock", "oos" -> "OutOfStock";
            case "preorder", "pending" -> "PreOrder";
            case "backorder", "availableforder" -> "BackOrder";
            default -> stock;
        };
    }

    private static Optional<String> meta(Document page, String property) {
        return page.select("meta[property=product:%1$s], meta[property=og:%1$s]".formatted(property)).stream()
                .map(m -> m.attr("content").strip())
                .filter(c -> !c.isEmpty())
                .findFirst();
    }
}
