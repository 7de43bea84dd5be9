package lowfield.market;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/** A shop's product page: what a visitor reads, and schema.org data for machines in the shop's own style. */
final class Page {
    private static final JsonMapper JSON = new JsonMapper();

    private final Shelf shelf;

    Page(Shelf shelf) {
        this.shelf = shelf;
    }

    /** The page as HTML; the mood spoils it where it is one that spoils content. */
    String of(Shop shop, Product product, LocalDate day, Mood mood) {
        var name = mood == Mood.SCRIPT ? product.name() + "<script>alert(1)</script>" : product.name();
        var stated = Stated.of(shop, product, shelf.prices(), day, mood);
        var pairs = mood == Mood.NORMAL ? shelf.pairs(shop, product, day) : List.<Shelf.Pair>of();
        var head = shop.style() == Shop.Style.MICRODATA ? "" : scripts(shop, product, name, stated, pairs, mood);
        var main = shop.style() == Shop.Style.MICRODATA
                ? Microdata.of(product, name, gtin(product, mood), stated)
                : "<h1>%s</h1><p>Article %s</p>%s"
                        .formatted(escape(name), product.gtin(), prices(stated) + together(pairs));
        return """
            <!doctype html>
            <html lang="en"><head><meta charset="utf-8"><title>%1$s | %2$s</title>
            %3$s</head>
            <body><header>%2$s</header><main>%4$s</main></body></html>
            """.formatted(escape(name), shop.name(), head, main);
    }

    private static String prices(List<Stated> stated) {
        var text = new StringBuilder();
        for (var offer : stated) {
            text.append("<p>").append(escape(offer.seller())).append(": ");
            offer.struckOut().ifPresent(p -> text.append("<s>").append(p).append("</s> "));
            text.append(escape(offer.price().orElse("ask"))).append("</p>");
        }
        return text.toString();
    }

    private static String together(List<Shelf.Pair> pairs) {
        var text = new StringBuilder();
        for (var pair : pairs) {
            text.append("<p>Together: ")
                    .append(escape(pair.goods().stream().map(Product::name).collect(Collectors.joining(" and "))))
                    .append(", ")
                    .append(pair.price())
                    .append("</p>");
        }
        return text.toString();
    }

    private static String scripts(
            Shop shop, Product product, String name, List<Stated> stated, List<Shelf.Pair> pairs, Mood mood) {
        var data = new ArrayList<Object>();
        var described = product(shop, product, name, stated, pairs, mood);
        switch (shop.style()) {
            case GRAPH -> data.add(graph(shop, described));
            case NESTED -> {
                data.add(Map.of("@context", "https://schema.org", "@type", "WebSite", "name", shop.name()));
                data.add(Map.of("@context", "https://schema.org", "@type", "ItemPage", "mainEntity", described));
            }
            default -> data.add(described);
        }
        var html = new StringBuilder();
        for (var one : data) {
            var json = JSON.writeValueAsString(one).replace("<", "\\u003c");
            html.append("<script type=\"application/ld+json\">")
                    .append(mood == Mood.BROKEN_JSON ? json.substring(0, json.length() / 2) : json)
                    .append("</script>\n");
        }
        return html.toString();
    }

    private static Map<String, Object> graph(Shop shop, Map<String, Object> product) {
        var organisation = Map.of("@type", "Organization", "name", shop.name());
        return Map.of("@context", "https://schema.org", "@graph", List.of(organisation, product));
    }

    /** What shops call the kinds of their goods. */
    private static final Map<String, String> CATEGORIES = Map.of(
            "GRAPHICS_CARD", "Graphics cards",
            "PROCESSOR", "Processors",
            "MOTHERBOARD", "Motherboards",
            "MEMORY", "Desktop memory",
            "COOLER", "CPU coolers",
            "DRIVE", "SSDs and hard drives",
            "POWER_SUPPLY", "Power supplies",
            "CASE", "PC cases",
            "FAN", "Case fans",
            "SCREEN", "Monitors");

    private static Map<String, Object> product(
            Shop shop, Product product, String name, List<Stated> stated, List<Shelf.Pair> pairs, Mood mood) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@context", "https://schema.org");
        map.put("@type", "Product");
        map.put("name", name);
        map.put("gtin13", gtin(product, mood));
        map.put("sku", product.slug());
        Optional.ofNullable(CATEGORIES.get(product.kind())).ifPresent(c -> map.put("category", c));
        var offers = Stream.concat(
                        stated.stream().map(o -> offer(shop, o)), pairs.stream().map(p -> pair(shop, p)))
                .toList();
        map.put("offers", offers.size() == 1 ? offers.get(0) : gathered(shop, offers));
        return map;
    }

    /** An offer of two products for one price. */
    private static Map<String, Object> pair(Shop shop, Shelf.Pair pair) {
        var goods = pair.goods().stream()
                .map(p -> Map.of(
                        "@type",
                        "TypeAndQuantityNode",
                        "amountOfThisGood",
                        1,
                        "typeOfGood",
                        Map.of("@type", "Product", "name", p.name(), "gtin13", p.gtin())))
                .toList();
        var map = new LinkedHashMap<String, Object>();
        map.put("@type", "Offer");
        map.put("price", pair.price());
        map.put("priceCurrency", "EUR");
        map.put("availability", "https://schema.org/InStock");
        map.put("seller", Map.of("@type", "Organization", "name", shop.name()));
        map.put("itemOffered", Map.of("@type", "Product", "name", "Together", "includesObject", goods));
        return map;
    }

    private static Object gathered(Shop shop, List<Map<String, Object>> offers) {
        if (shop.style() != Shop.Style.GRAPH) {
            return offers;
        }
        var map = new LinkedHashMap<String, Object>();
        map.put("@type", "AggregateOffer");
        map.put("offerCount", offers.size());
        map.put("lowPrice", String.valueOf(offers.get(0).get("price")));
        map.put("priceCurrency", "EUR");
        map.put("offers", offers);
        return map;
    }

    static String gtin(Product product, Mood mood) {
        return mood == Mood.OTHER_PRODUCT ? Shelf.gtin(999_999_999) : product.gtin();
    }

    private static Map<String, Object> offer(Shop shop, Stated stated) {
        var map = new LinkedHashMap<String, Object>();
        map.put("@type", "Offer");
        stated.price().ifPresent(p -> price(map, shop, stated, p));
        map.put("availability", "https://schema.org/" + stated.availability());
        map.put(
                "itemCondition",
                "https://schema.org/" + (stated.refurbished() ? "RefurbishedCondition" : "NewCondition"));
        if (stated.membersOnly()) {
            map.put("validForMemberTier", Map.of("@type", "MemberProgramTier", "name", shop.name() + " members"));
        }
        map.put("seller", Map.of("@type", "Organization", "name", stated.seller()));
        var rate = Map.of("@type", "MonetaryAmount", "value", stated.shipping(), "currency", "EUR");
        map.put("shippingDetails", Map.of("@type", "OfferShippingDetails", "shippingRate", rate));
        return map;
    }

    private static void price(Map<String, Object> map, Shop shop, Stated stated, String price) {
        if (shop.style() == Shop.Style.NESTED) {
            var specifications = new ArrayList<Map<String, Object>>();
            stated.struckOut()
                    .ifPresent(struck -> specifications.add(Map.of(
                            "@type",
                            "UnitPriceSpecification",
                            "priceType",
                            "https://schema.org/StrikethroughPrice",
                            "price",
                            struck,
                            "priceCurrency",
                            stated.currency())));
            specifications.add(
                    Map.of("@type", "UnitPriceSpecification", "price", price, "priceCurrency", stated.currency()));
            map.put("priceSpecification", specifications);
            return;
        }
        map.put(
                "price",
                shop.style() == Shop.Style.PLAIN && price.matches("[0-9.]+") ? new java.math.BigDecimal(price) : price);
        map.put("priceCurrency", stated.currency());
    }

    static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
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
