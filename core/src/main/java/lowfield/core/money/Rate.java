package lowfield.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Currency;
import lowfield.core.RuleBroken;

/** What one unit of a currency was worth in another on a day, and who says so. A conversion rounds half-even, once. */
public record Rate(Currency from, Currency to, BigDecimal rate, LocalDate day, String source) {
    public Rate {
        RuleBroken.unless(rate.signum() > 0, "An exchange rate is above zero, not %s.", rate);
    }

    /** A sum of the one currency in the other; a sum of a third is an error. */
    public Money convert(Money money) {
        RuleBroken.unless(
                money.currency().equals(from), "A rate from %s does not convert %s.", from.getCurrencyCode(), money);
        var digits = to.getDefaultFractionDigits();
        var converted = money.major().multiply(rate).setScale(digits, RoundingMode.HALF_EVEN);
        return new Money(converted.movePointRight(digits).longValueExact(), to);
    }

    /** The rate between two currencies of which both are known against a third, the one in which sources count. */
    public static Rate across(Rate from, Rate to) {
        return new Rate(
                from.to(),
                to.to(),
                to.rate().divide(from.rate(), 10, RoundingMode.HALF_EVEN),
                from.day().isBefore(to.day()) ? from.day() : to.day(),
                to.source());
    }

    /** "1 EUR = 11.0827 SEK, 2026-12-03, rates.example". */
    public String said() {
        return "1 %s = %s %s, %s, %s"
                .formatted(
                        from.getCurrencyCode(),
                        rate.stripTrailingZeros().toPlainString(),
                        to.getCurrencyCode(),
                        day,
                        source);
    }
}
