package lowfield.server.reading;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/**
 * Whether a stated figure is what a buyer pays for one piece; what it is else is told: a price for ten or more, without tax, per
 * month, a deposit, for trading in, or of something that is not sold. The terms are schema.org's.
 */
final class PriceKind {
    /** What a price is called that nobody pays now. */
    private static final Set<String> NOT_ASKED = Set.of(
            "StrikethroughPrice", "ListPrice", "MSRP", "SRP", "MinimumAdvertisedPrice", "RegularPrice", "InvoicePrice");

    private static final Set<String> PARTS = Set.of("Downpayment", "Installment", "Subscription", "ActivationFee");
    private static final Set<String> NO_SALE =
            Set.of("LeaseOut", "Buy", "Repair", "Maintain", "Dispose", "ProvideService", "ConstructionInstallation");
    private static final Set<String> TIMES = Set.of("MON", "ANN", "WEE", "DAY", "month", "year");
    private static final Pattern WORDS = Pattern.compile(
            "\\b(deposit|down ?payment|trade-?in|trade in|per month|monthly|/ ?month|a month|lease|rental)\\b");
    private static final int LONGEST = 200;

    private PriceKind() {}

    /** What else a figure is than the price of one piece; absent where it is that. */
    static Optional<String> otherwise(JsonNode node, boolean pricesHoldTax) {
        if (NOT_ASKED.contains(Nodes.term(Nodes.text(node, "priceType").orElse("")))) {
            return Optional.of("a price that nobody asks now");
        }
        if (least(node).filter(n -> n.compareTo(BigDecimal.ONE) > 0).isPresent()) {
            return Optional.of(
                    "a price for %s or more".formatted(least(node).orElseThrow().toPlainString()));
        }
        if (pricesHoldTax && Nodes.isFalse(node.path("valueAddedTaxIncluded"))) {
            return Optional.of("a price without tax");
        }
        if (isForATime(node)) {
            return Optional.of("a price for a time");
        }
        if (PARTS.contains(Nodes.term(Nodes.text(node, "priceComponentType").orElse("")))) {
            return Optional.of("a part of a price");
        }
        if (NO_SALE.contains(Nodes.term(Nodes.text(node, "businessFunction").orElse("")))) {
            return Optional.of("no sale");
        }
        return Stream.of("name", "unitText", "description")
                .flatMap(field -> Nodes.text(node, field).stream())
                .map(text -> text.substring(0, Math.min(text.length(), LONGEST)).toLowerCase(Locale.ROOT))
                .filter(text -> WORDS.matcher(text).find())
                .map(text -> "a deposit, a price for a time, or one for trading in")
                .findFirst();
    }

    private static Optional<BigDecimal> least(JsonNode node) {
        var quantity = node.path("eligibleQuantity");
        return Nodes.text(quantity, "minValue")
                .or(() -> Nodes.text(quantity, "value"))
                .filter(text -> text.matches("[0-9]{1,9}(\\.[0-9]{1,3})?"))
                .map(BigDecimal::new);
    }

    private static boolean isForATime(JsonNode node) {
        return node.has("billingDuration")
                || node.has("billingIncrement")
                || Stream.of(node, node.path("referenceQuantity"))
                        .flatMap(n -> Stream.of("unitCode", "unitText").flatMap(f -> Nodes.text(n, f).stream()))
                        .anyMatch(TIMES::contains);
    }
}
