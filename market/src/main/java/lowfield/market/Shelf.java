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
    private final List<Together> together;

    private Shelf(Map<String, Product> products, Prices prices, List<Together> together) {
        this.products = products;
        this.prices = prices;
        this.together = together;
    }

    /** What a shop sells together: the goods, and what both cost. */
    record Pair(List<Product> goods, BigDecimal price) {}

    /** The pairs that a product is in at a shop on a day. */
    List<Pair> pairs(Shop shop, Product product, LocalDate day) {
        return together.stream()
                .filter(t -> t.isOn(shop, product, day))
                .map(t -> pair(shop, t, day))
                .toList();
    }

    private Pair pair(Shop shop, Together together, LocalDate day) {
        var goods = List.of(products.get(together.one()), products.get(together.other()));
        var alone = goods.stream()
                .map(p -> p.offers().stream()
                        .filter(o -> o.shop().equals(shop.letter()))
                        .map(o -> prices.of(p, o, day))
                        .min(java.util.Comparator.naturalOrder())
                        .orElseThrow())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return new Pair(
                goods,
                alone.multiply(together.share())
                        .setScale(1, java.math.RoundingMode.HALF_EVEN)
                        .setScale(2));
    }

    static Shelf read() throws IOException {
        var products = rows("products.csv").stream()
                .map(Product::parse)
                .collect(Collectors.toMap(Product::slug, Function.identity()));
        return new Shelf(
                products,
                new Prices(rows("events.csv").stream().map(Event::parse).toList()),
                rows("bundles.csv").stream().map(Together::parse).toList());
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
