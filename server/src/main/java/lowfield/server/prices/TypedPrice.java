package lowfield.server.prices;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.server.accounts.Person;
import org.jspecify.annotations.Nullable;

/**
 * A price that a person has seen: sums in minor units of the shop's currency, as of noon of a day in the shop's zone (now,
 * when it is today, or no day is named). It counts for one guide, or for all of the desk where that is said. Without a shop
 * the seller is a person or a shop that is not set up here, or nobody in particular where none is named; the link may be any
 * address then. At a shop, no seller means the shop itself, and no link its front page. Shipping that is absent is unknown, and so is
 * whether a boxed cooler comes with it.
 * A price far from the last one must be typed with {@code sure}.
 */
public record TypedPrice(
        @Nullable UUID guide,
        boolean allGuides,
        @Nullable UUID shop,
        @Nullable String seller,
        @Nullable Boolean sellerIsPerson,
        Condition condition,
        Stock stock,
        long priceMinor,
        String currency,
        @Nullable Long shippingMinor,
        @Nullable Long claimBackMinor,
        @Nullable Boolean boxedCooler,
        boolean membersOnly,
        @Nullable LocalDate seenOn,
        @Nullable String source,
        @Nullable String link,
        boolean sure) {
    /** A courier may cost many times a cheap part; in prices, since sums differ between currencies. */
    private static final long MOST_SHIPPING = 20;

    Money price() {
        return Money.of(priceMinor, currency);
    }

    /** Who sells; absent for the shop itself, and for nobody in particular. */
    Optional<String> namedSeller() {
        return stripped(seller);
    }

    Optional<String> address() {
        return stripped(link);
    }

    boolean isByPerson() {
        return Boolean.TRUE.equals(sellerIsPerson);
    }

    private static Optional<String> stripped(@Nullable String text) {
        return Optional.ofNullable(text).map(String::strip).filter(s -> !s.isEmpty());
    }

    /** Where it is from in a few words. */
    String sourceFor(Person by) {
        return stripped(source).orElse("seen by " + by.name());
    }

    /** Refuses what cannot be a price with a sentence. */
    void check() {
        RuleBroken.unless(
                allGuides != (guide != null),
                "Say which guide this price is for, or that it is for all guides of the desk.");
        RuleBroken.unless(
                shippingMinor == null || shippingMinor >= 0 && shippingMinor <= MOST_SHIPPING * priceMinor,
                "Shipping is nothing or more, and not far above the price itself.");
        RuleBroken.unless(
                claimBackMinor == null || claimBackMinor > 0 && claimBackMinor < priceMinor,
                "What can be claimed back is less than the price.");
        RuleBroken.unless(
                stock != Stock.GONE && stock != Stock.OUT_OF_STOCK,
                "A price that can be paid has something in stock; to say that a thing is gone, ignore its price.");
        RuleBroken.unless(
                source == null || source.isBlank() || source.strip().length() >= 3 && source.length() <= 300,
                "Say where you have the price from in 3 to 300 letters, or leave it out.");
        RuleBroken.unless(seller == null || seller.length() <= 100, "A seller's name has at most 100 letters.");
        RuleBroken.unless(
                !isByPerson() || shop == null && namedSeller().isPresent(),
                "A private seller has a name and no shop; name the person, or choose the shop.");
    }

    /** Refuses what cannot be a price at a shop with a sentence. */
    void checkAt(String shopName, String shopCurrency) {
        RuleBroken.unless(
                currency.equals(shopCurrency),
                "%s asks in %s; type the price in that, not in %s.",
                shopName,
                shopCurrency,
                currency.length() > 10 ? "another" : currency);
        Money.price(priceMinor, currency);
    }
}
