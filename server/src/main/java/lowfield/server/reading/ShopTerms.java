package lowfield.server.reading;

import java.time.LocalDate;
import java.util.Currency;

/**
 * What must be known of a shop to read its pages.
 *
 * @param today the shop's day, by which a price's validity has ended or not
 * @param pricesHoldTax whether its prices hold sales tax, so that one without it is not what a buyer pays
 */
public record ShopTerms(String name, Currency currency, LocalDate today, boolean pricesHoldTax) {
    /** One whose prices hold their tax. */
    public ShopTerms(String name, Currency currency, LocalDate today) {
        this(name, currency, today, true);
    }
}
