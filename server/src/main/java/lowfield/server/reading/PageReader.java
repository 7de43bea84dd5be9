package lowfield.server.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.money.PriceText;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import org.jsoup.Jsoup;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads schema.org {@code Product} and {@code Offer} from the JSON-LD of a page. Pages are hostile: depth and sizes are
 * bounded, names are text, a price that is zero, negative, missing or in another currency never comes out.
 */
public final class PageReader {
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(50)
                            .maxNumberLength(40)
                            .maxStringLength(200_000)
                            .build())
                    .build())
            .build();
    private static final int MOST_OFFERS = 100;

    private final String shop;
    private final Currency currency;

    /** For pages of a shop, whose declared currency every price must have. */
    public PageReader(String shop, Currency currency) {
        this.shop = shop;
        this.currency = currency;
    }

    /** Reads a page; when the page names a GTIN and one is expected they must agree. */
    public PageReading read(String html, Optional<String> gtin) {
        var products = new ArrayList<JsonNode>();
        var broken = false;
        for (var script : Jsoup.parse(html).select("script[type=application/ld+json]")) {
            try {
                collect(JSON.readTree(script.data()), products);
            } catch (JacksonException unreadable) {
                broken = true;
            }
        }
        if (products.isEmpty()) {
            return PageReading.nothing(
                    broken ? "the page's data is broken JSON" : "the page has no schema.org product");
        }
        var product = products.get(0);
        var named = text(product, "gtin13").or(() -> text(product, "gtin")).or(() -> text(product, "gtin14"));
        if (gtin.isPresent() && named.isPresent() && !gtin.get().equals(named.get())) {
            return PageReading.nothing("the page is of another product (GTIN %s)".formatted(shortened(named.get())));
        }
        return offers(product.path("offers"));
    }

    private static void collect(JsonNode node, List<JsonNode> products) {
        if (node.isArray()) {
            node.forEach(child -> collect(child, products));
        } else if (node.isObject()) {
            if (isType(node, "Product")) {
                products.add(node);
            }
            if (node.has("@graph")) {
                collect(node.get("@graph"), products);
            }
        }
    }

    private static boolean isType(JsonNode node, String type) {
        var named = node.path("@type");
        if (named.isArray()) {
            for (var one : named) {
                if (one.asString("").equals(type)) {
                    return true;
                }
            }
        }
        return named.isString() && named.asString().equals(type);
    }

    private PageReading offers(JsonNode node) {
        var nodes = new ArrayList<JsonNode>();
        if (node.isArray()) {
            node.forEach(nodes::add);
        } else if (node.isObject()) {
            nodes.add(node);
        }
        var seen = new ArrayList<SeenOffer>();
        var refused = new ArrayList<String>();
        for (var offer : nodes.subList(0, Math.min(nodes.size(), MOST_OFFERS))) {
            try {
                seen.add(offer(offer));
            } catch (RuleBroken unusable) {
                refused.add(unusable.getMessage());
            }
        }
        return seen.isEmpty() && refused.isEmpty()
                ? PageReading.nothing("the page offers nothing")
                : new PageReading(List.copyOf(seen), List.copyOf(refused));
    }

    private SeenOffer offer(JsonNode offer) {
        var stock = stock(text(offer, "availability").orElse(""));
        var price = price(offer);
        RuleBroken.unless(
                price.isPresent() || stock == Stock.OUT_OF_STOCK || stock == Stock.GONE, "an offer has no price");
        var seller = text(offer.path("seller"), "name")
                .map(PageReader::plain)
                .filter(n -> !n.isEmpty())
                .orElse(shop);
        return new SeenOffer(
                seller.length() > 100 ? seller.substring(0, 100) : seller,
                condition(text(offer, "itemCondition").orElse("")),
                price,
                shipping(offer.path("shippingDetails")),
                stock,
                offer.has("validForMemberTier"));
    }

    private Optional<Money> price(JsonNode offer) {
        var node = offer.has("price")
                ? offer.get("price")
                : offer.path("priceSpecification").path("price");
        if (node.isMissingNode() || node.isNull()) {
            return Optional.empty();
        }
        var stated = text(offer, "priceCurrency").or(() -> text(offer.path("priceSpecification"), "priceCurrency"));
        RuleBroken.unless(stated.isPresent(), "a price has no currency");
        RuleBroken.unless(
                stated.get().equals(currency.getCurrencyCode()),
                "a price is in %s; this shop's are in %s",
                shortened(stated.get()),
                currency.getCurrencyCode());
        var money = Money.ofMajor(decimal(node), currency);
        RuleBroken.unless(money.minor() > 0, "a price is %s", money.minor() == 0 ? "zero" : "negative");
        return Optional.of(money);
    }

    private static BigDecimal decimal(JsonNode node) {
        if (node.isNumber()) {
            return node.decimalValue();
        }
        return PriceText.parse(node.asString(""))
                .orElseThrow(() -> new RuleBroken(
                        "a price reads \"%s\", which is no figure".formatted(shortened(node.asString("")))));
    }

    private Optional<Money> shipping(JsonNode details) {
        var rate = (details.isArray() && !details.isEmpty() ? details.get(0) : details).path("shippingRate");
        var value = rate.path("value");
        if (value.isMissingNode() || !text(rate, "currency").orElse("").equals(currency.getCurrencyCode())) {
            return Optional.empty();
        }
        var money = Money.ofMajor(decimal(value), currency);
        return money.isNegative() ? Optional.empty() : Optional.of(money);
    }

    private static Stock stock(String availability) {
        return switch (availability.replaceFirst(".*/", "")) {
            case "InStock", "InStoreOnly", "OnlineOnly" -> Stock.IN_STOCK;
            case "LimitedAvailability" -> Stock.LIMITED;
            case "BackOrder", "MadeToOrder" -> Stock.BACK_ORDER;
            case "PreOrder", "PreSale" -> Stock.PRE_ORDER;
            case "OutOfStock", "SoldOut", "Reserved" -> Stock.OUT_OF_STOCK;
            case "Discontinued" -> Stock.GONE;
            default -> Stock.NOT_STATED;
        };
    }

    private static Condition condition(String stated) {
        return switch (stated.replaceFirst(".*/", "")) {
            case "RefurbishedCondition" -> Condition.REFURBISHED;
            case "UsedCondition" -> Condition.USED;
            case "DamagedCondition" -> Condition.OPENED;
            default -> Condition.NEW;
        };
    }

    private static Optional<String> text(JsonNode node, String field) {
        var value = node.path(field);
        return value.isString() && !value.asString().isBlank()
                ? Optional.of(value.asString().strip())
                : Optional.empty();
    }

    /** A name without markup and control letters. */
    private static String plain(String name) {
        return Jsoup.parse(name).text().replaceAll("\\p{Cntrl}", " ").strip();
    }

    private static String shortened(String text) {
        return text.length() > 30 ? text.substring(0, 30) + "…" : text;
    }
}
