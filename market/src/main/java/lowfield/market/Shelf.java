package lowfield.market;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What the shops sell. Beside the products of the demo's world every shop sells as many grown ones as are asked for by
 * name, {@code grown-1}, {@code grown-2} …, so that rounds of any size can be tried.
 */
final class Shelf {
    private final Map<String, Product> products;
    private final Prices prices;

    private Shelf(Map<String, Product> products, Prices prices) {
        this.products = products;
        this.prices = prices;
    }

    static Shelf read() throws IOException {
        var products = rows("products.csv").stream()
                .map(Product::parse)
                .collect(Collectors.toMap(Product::slug, Function.identity()));
        return new Shelf(
                products,
                new Prices(rows("events.csv").stream().map(Event::parse).toList()));
    }

    private static List<String> rows(String file) throws IOException {
        try (var in = Shelf.class.getResourceAsStream("/market/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .toList();
        }
    }

    Prices prices() {
        return prices;
    }

    /** What a shop sells on a day, by name. */
    List<Product> sold(Shop shop, LocalDate day) {
        return products.values().stream()
                .filter(p -> isSold(p, shop, day))
                .sorted(java.util.Comparator.comparing(Product::slug))
                .toList();
    }

    Optional<Product> find(Shop shop, String slug, LocalDate day) {
        if (slug.matches("grown-[1-9][0-9]{0,5}")) {
            return Optional.of(grown(slug, shop));
        }
        return Optional.ofNullable(products.get(slug)).filter(p -> isSold(p, shop, day));
    }

    private boolean isSold(Product product, Shop shop, LocalDate day) {
        return prices.isLaunched(product, day)
                && product.offers().stream().anyMatch(o -> o.shop().equals(shop.letter()));
    }

    private static Product grown(String slug, Shop shop) {
        var number = Integer.parseInt(slug.substring("grown-".length()));
        var price = BigDecimal.valueOf(2000 + new Random(number).nextInt(60_000), 2);
        var offered = new Product.Offered(shop.letter(), "", BigDecimal.ONE, "");
        return new Product(slug, "Grown " + number, gtin(number), "OTHER", price, List.of(offered));
    }

    /** A GTIN with its check digit. */
    static String gtin(int number) {
        var digits = "209%09d".formatted(number);
        var sum = 0;
        for (int i = 0; i < digits.length(); i++) {
            sum += (digits.charAt(i) - '0') * (i % 2 == 0 ? 1 : 3);
        }
        return digits + (10 - sum % 10) % 10;
    }
}
