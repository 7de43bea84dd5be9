package lowfield.server.reading;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.money.PriceText;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import tools.jackson.databind.JsonNode;

/** Reads the offers of one product. A price that is zero, negative, missing or in another currency never comes out. */
final class OfferReader {
    private static final int MOST_OFFERS = 100;
    /** What is told of a price of zero; beside an offer with a price it is a template and is not told. */
    private static final String ZERO = "a price is zero";

    private final ShopTerms shop;
    private final Currency currency;

    OfferReader(ShopTerms shop) {
        this.shop = shop;
        this.currency = shop.currency();
    }

    private record Placed(JsonNode node, String where) {}

    PageReading read(Found product) {
        var offers = new ArrayList<Placed>();
        gather(product.node().path("offers"), product.where() + " > offers", offers);
        var seen = new ArrayList<SeenOffer>();
        var bundles = new ArrayList<SeenBundle>();
        var told = new ArrayList<String>();
        for (var offer : offers.subList(0, Math.min(offers.size(), MOST_OFFERS))) {
            try {
                if (BundleReader.isBundle(offer.node())) {
                    bundle(offer).ifPresent(bundles::add);
                } else {
                    refuseOther(offer.node());
                    seen.add(offer(offer));
                    passed(offer.node()).ifPresent(told::add);
                }
            } catch (RuleBroken unusable) {
                told.add(unusable.getMessage());
            }
        }
        if (seen.stream().anyMatch(o -> o.price().isPresent())) {
            told.removeIf(ZERO::equals);
        }
        return seen.isEmpty() && told.isEmpty()
                ? PageReading.nothing("the page offers nothing")
                : new PageReading(List.copyOf(seen), List.copyOf(bundles), List.copyOf(told));
    }

    private void refuseOther(JsonNode offer) {
        PriceKind.otherwise(offer, shop.pricesHoldTax()).ifPresent(other -> {
            throw new RuleBroken("an offer is " + other);
        });
    }

    /** A price may be older than it looks: told, and taken all the same, since most shops forget the date. */
    private Optional<String> passed(JsonNode offer) {
        return validUntil(offer)
                .filter(until -> until.isBefore(shop.today()))
                .map(until -> "a price says that it was valid until %s only".formatted(until));
    }

    private Optional<LocalDate> validUntil(JsonNode offer) {
        return Nodes.text(offer, "priceValidUntil")
                .or(() -> Nodes.text(specification(offer), "validThrough"))
                .filter(text -> text.length() >= 10)
                .flatMap(text -> date(text.substring(0, 10)));
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    /** Single offers; a gathered one stands for those in it. */
    private static void gather(JsonNode node, String where, List<Placed> offers) {
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                gather(node.get(i), "%s[%d]".formatted(where, i), offers);
            }
        } else if (node.isObject()) {
            if (node.has("offers")) {
                gather(node.get("offers"), where + " > offers", offers);
            } else {
                offers.add(new Placed(node, where));
            }
        }
    }

    /** Several things together; absent when it does not say which, or has no price. */
    private Optional<SeenBundle> bundle(Placed placed) {
        var offer = offer(placed);
        return offer.price()
                .flatMap(price -> BundleReader.goods(placed.node())
                        .map(goods ->
                                new SeenBundle(offer.seller(), goods, price, offer.stock(), offer.membersOnly())));
    }

    private SeenOffer offer(Placed placed) {
        var offer = placed.node();
        var stock = stock(Nodes.text(offer, "availability").orElse(""));
        var price = price(offer);
        RuleBroken.unless(
                price.isPresent() || stock == Stock.OUT_OF_STOCK || stock == Stock.GONE, "an offer has no price");
        var seller = Nodes.each(offer.path("seller")).stream()
                .flatMap(s -> (s.isString() ? Optional.of(s.asString()) : Nodes.text(s, "name")).stream())
                .map(Nodes::plain)
                .filter(n -> !n.isEmpty())
                .findFirst()
                .orElse(shop.name());
        return new SeenOffer(
                seller.length() > 100 ? seller.substring(0, 100) : seller,
                condition(Nodes.text(offer, "itemCondition").orElse("")),
                price,
                shipping(offer.path("shippingDetails")),
                stock,
                offer.has("validForMemberTier") || specification(offer).has("validForMemberTier"),
                placed.where(),
                validUntil(offer));
    }

    private Optional<Money> price(JsonNode offer) {
        var specification = specification(offer);
        var gathered = Nodes.isType(offer, "AggregateOffer");
        var stated = Nodes.text(offer, "price")
                .or(() -> Nodes.text(specification, "price"))
                .or(() -> gathered ? onlyPrice(offer) : Optional.empty());
        if (stated.isEmpty()) {
            RuleBroken.unless(
                    isAbsent(offer.path("price")),
                    "a price reads \"%s\", which is no figure",
                    Nodes.shortened(offer.path("price").toString()));
            return Optional.empty();
        }
        var named = Nodes.text(offer, "priceCurrency")
                .or(() -> Nodes.text(specification, "priceCurrency"))
                .or(() -> CurrencyWords.in(stated.get()));
        RuleBroken.unless(named.isPresent(), "a price has no currency");
        RuleBroken.unless(
                CurrencyWords.isOwn(named.get(), currency),
                "a price is in %s; this shop's are in %s",
                Nodes.shortened(named.get()),
                currency.getCurrencyCode());
        var money = Money.ofMajor(decimal(stated.get()), currency);
        RuleBroken.unless(money.minor() != 0, ZERO);
        RuleBroken.unless(money.minor() > 0, "a price is negative");
        return Optional.of(money);
    }

    private static boolean isAbsent(JsonNode price) {
        return price.isMissingNode()
                || price.isNull()
                || price.isString() && price.asString().isBlank();
    }

    /** The price of several offers that are not told apart: only when they are all the same. */
    private static Optional<String> onlyPrice(JsonNode offer) {
        var low = Nodes.text(offer, "lowPrice");
        var high = Nodes.text(offer, "highPrice")
                .or(() -> Nodes.text(offer, "offerCount").filter("1"::equals).flatMap(one -> low));
        RuleBroken.unless(
                low.isEmpty() || low.equals(high),
                "only a range of prices is stated, from %s",
                Nodes.shortened(low.orElse("")));
        return low;
    }

    /** The specification of the price of one piece that is asked now. */
    private JsonNode specification(JsonNode offer) {
        return Nodes.each(offer.path("priceSpecification")).stream()
                .filter(s -> PriceKind.otherwise(s, shop.pricesHoldTax()).isEmpty())
                .filter(s -> !Nodes.isType(s, "DeliveryChargeSpecification"))
                .findFirst()
                .orElseGet(() -> offer.path("none"));
    }

    private BigDecimal decimal(String stated) {
        if (stated.matches("-?[0-9]{1,40}(\\.[0-9]{1,20})?([eE][+-]?[0-9]{1,3})?")) {
            return new BigDecimal(stated);
        }
        return PriceText.parse(stated, currency)
                .orElseThrow(() ->
                        new RuleBroken("a price reads \"%s\", which is no figure".formatted(Nodes.shortened(stated))));
    }

    private Optional<Money> shipping(JsonNode details) {
        return Nodes.each(details).stream()
                .findFirst()
                .flatMap(d -> Nodes.each(d.path("shippingRate")).stream().findFirst())
                .filter(rate -> CurrencyWords.isOwn(Nodes.text(rate, "currency").orElse(""), currency))
                .flatMap(rate -> Nodes.text(rate, "value"))
                .map(value -> Money.ofMajor(decimal(value), currency))
                .filter(money -> !money.isNegative());
    }

    static Stock stock(String availability) {
        return switch (Nodes.term(availability)) {
            case "InStock", "OnlineOnly" -> Stock.IN_STOCK;
            case "LimitedAvailability" -> Stock.LIMITED;
            case "BackOrder", "MadeToOrder" -> Stock.BACK_ORDER;
            case "PreOrder", "PreSale" -> Stock.PRE_ORDER;
            // What is only in the shop cannot be ordered.
            case "OutOfStock", "SoldOut", "Reserved", "InStoreOnly" -> Stock.OUT_OF_STOCK;
            case "Discontinued" -> Stock.GONE;
            default -> Stock.NOT_STATED;
        };
    }

    private static Condition condition(String stated) {
        return switch (Nodes.term(stated)) {
            case "RefurbishedCondition" -> Condition.REFURBISHED;
            case "UsedCondition" -> Condition.USED;
            case "DamagedCondition", "OpenBoxCondition" -> Condition.OPENED;
            default -> Condition.NEW;
        };
    }
}
