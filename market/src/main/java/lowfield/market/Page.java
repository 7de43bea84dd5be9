package lowfield.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** A shop's product page: what a visitor reads, and schema.org data in JSON-LD for machines. */
final class Page {
    private static final JsonMapper JSON = new JsonMapper();

    private final Prices prices;

    Page(Prices prices) {
        this.prices = prices;
    }

    /** The page as HTML; the mood spoils it where it is one that spoils content. */
    String of(Shop shop, Product product, LocalDate day, Mood mood) {
        var name = mood == Mood.SCRIPT ? product.name() + "<script>alert(1)</script>" : product.name();
        var data =
                JSON.writeValueAsString(product(shop, product, name, day, mood)).replace("<", "\\u003c");
        if (mood == Mood.BROKEN_JSON) {
            data = data.substring(0, data.length() / 2);
        }
        return """
            <!doctype html>
            <html lang="en"><head><meta charset="utf-8"><title>%1$s | %2$s</title>
            <script type="application/ld+json">%3$s</script></head>
            <body><header>%2$s</header><main><h1>%1$s</h1><p>Article %4$s</p></main></body></html>
            """.formatted(escape(name), shop.name(), data, product.gtin());
    }

    private Map<String, Object> product(Shop shop, Product product, String name, LocalDate day, Mood mood) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@context", "https://schema.org");
        map.put("@type", "Product");
        map.put("name", name);
        map.put("gtin13", product.gtin());
        map.put("sku", product.slug());
        var offers = new ArrayList<Map<String, Object>>();
        for (var offered : product.offers()) {
            if (offered.shop().equals(shop.letter())) {
                offers.add(offer(shop, product, offered, day, mood));
            }
        }
        if (mood == Mood.SEVERAL) {
            var dearer = new LinkedHashMap<>(offers.get(0));
            dearer.put("price", "999999.00");
            dearer.put("seller", Map.of("@type", "Organization", "name", "Far Pier"));
            offers.add(dearer);
        }
        map.put("offers", offers.size() == 1 ? offers.get(0) : offers);
        return map;
    }

    private Map<String, Object> offer(Shop shop, Product product, Product.Offered offered, LocalDate day, Mood mood) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@type", "Offer");
        var price = prices.of(product, offered, day);
        if (mood != Mood.NO_PRICE) {
            map.put("price", price(shop, price, mood));
        }
        map.put("priceCurrency", mood == Mood.OTHER_CURRENCY ? "PLN" : "EUR");
        map.put("availability", "https://schema.org/" + availability(product, offered, day, mood));
        map.put(
                "itemCondition",
                "https://schema.org/" + (offered.flags().contains("r") ? "RefurbishedCondition" : "NewCondition"));
        if (offered.flags().contains("m")) {
            map.put("validForMemberTier", Map.of("@type", "MemberProgramTier", "name", "Millrace members"));
        }
        var seller = offered.seller().isEmpty() ? shop.name() : offered.seller();
        map.put("seller", Map.of("@type", "Organization", "name", seller));
        map.put("shippingDetails", shipping(shop));
        return map;
    }

    private static Object price(Shop shop, BigDecimal price, Mood mood) {
        return switch (mood) {
            case ZERO -> 0;
            case TIMES_100 -> price.multiply(BigDecimal.valueOf(100)).toPlainString();
            case COMMA -> price.toPlainString().replace('.', ',') + " €";
            default -> shop.letter().equals("F") ? price : price.toPlainString();
        };
    }

    private String availability(Product product, Product.Offered offered, LocalDate day, Mood mood) {
        if (mood == Mood.OUT_OF_STOCK) {
            return "OutOfStock";
        }
        if (prices.isGone(product, day)) {
            return "Discontinued";
        }
        return offered.flags().contains("l") ? "LimitedAvailability" : "InStock";
    }

    private static Map<String, Object> shipping(Shop shop) {
        var rate = Map.of("@type", "MonetaryAmount", "value", shop.shipping(), "currency", "EUR");
        return Map.of("@type", "OfferShippingDetails", "shippingRate", rate);
    }

    static String escape(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /** The shelf list of a shop: every product page, for a person who looks around. */
    static String shelf(Shop shop, List<Product> products) {
        var rows = new StringBuilder();
        products.forEach(p -> rows.append("<li><a href=\"/p/")
                .append(p.slug())
                .append("\">")
                .append(escape(p.name()))
                .append("</a></li>"));
        return "<!doctype html><html lang=\"en\"><head><title>%1$s</title></head><body><h1>%1$s</h1><ul>%2$s</ul></body></html>"
                .formatted(shop.name(), rows);
    }
}
