package lowfield.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a shop states of one offer on a day, before it is put into the shop's own form; a mood has spoilt it already. */
record Stated(
        String seller,
        Optional<String> price,
        String currency,
        String availability,
        boolean refurbished,
        boolean membersOnly,
        BigDecimal shipping,
        Optional<BigDecimal> struckOut) {

    static List<Stated> of(Shop shop, Product product, Prices prices, LocalDate day, Mood mood) {
        var stated = new ArrayList<Stated>();
        for (var offered : product.offers()) {
            if (offered.shop().equals(shop.letter())) {
                stated.add(of(shop, product, offered, prices, day, mood));
            }
        }
        if (mood == Mood.TWICE) {
            stated.add(stated.get(0));
        }
        if (mood == Mood.SEVERAL) {
            stated.add(stated.get(0).by("Far Pier", "999999.00"));
        }
        return stated;
    }

    private static Stated of(
            Shop shop, Product product, Product.Offered offered, Prices prices, LocalDate day, Mood mood) {
        var price = prices.of(product, offered, day);
        return new Stated(
                offered.seller().isEmpty() ? shop.name() : offered.seller(),
                mood == Mood.NO_PRICE ? Optional.empty() : Optional.of(price(price, mood)),
                mood == Mood.OTHER_CURRENCY ? "PLN" : "EUR",
                availability(product, offered, prices, day, mood),
                offered.flags().contains("r"),
                offered.flags().contains("m"),
                shop.shipping(),
                prices.struckOut(product, offered, day));
    }

    private Stated by(String other, String dearer) {
        return new Stated(
                other, Optional.of(dearer), currency, availability, refurbished, membersOnly, shipping, struckOut);
    }

    private static String price(BigDecimal price, Mood mood) {
        return switch (mood) {
            case ZERO -> "0";
            case NEGATIVE -> "-" + price.toPlainString();
            case TIMES_100 -> price.multiply(BigDecimal.valueOf(100)).toPlainString();
            case NUL -> new StringBuilder(price.toPlainString()).insert(1, '\0').toString();
            case COMMA, WRONG_CHARSET -> price.toPlainString().replace('.', ',') + " €";
            default -> price.toPlainString();
        };
    }

    private static String availability(
            Product product, Product.Offered offered, Prices prices, LocalDate day, Mood mood) {
        if (prices.isGone(product, day)) {
            return "Discontinued";
        }
        if (mood == Mood.OUT_OF_STOCK || prices.isShort(product, day)) {
            return "OutOfStock";
        }
        return offered.flags().contains("l") ? "LimitedAvailability" : "InStock";
    }
}
