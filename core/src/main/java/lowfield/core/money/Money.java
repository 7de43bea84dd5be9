package lowfield.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.Currency;
import java.util.Locale;
import lowfield.core.RuleBroken;

/**
 * An exact sum of money in whole minor units (cents) of one ISO 4217 currency. May be negative (a difference). Adding two
 * currencies is an error, and so is leaving the range of a {@code long}.
 */
public record Money(long minor, Currency currency) implements Comparable<Money> {
    /** The largest figure that can be typed or read from a page: ten million of the major unit. */
    public static final BigDecimal GREATEST = new BigDecimal(10_000_000);

    public static Money of(long minor, String currency) {
        return new Money(minor, currencyOf(currency));
    }

    /** A figure that somebody typed; one beyond {@link #GREATEST} is an error. */
    public static Money typed(long minor, Currency currency) {
        return ofMajor(new Money(minor, currency).major(), currency);
    }

    /** What can be asked for a thing: above zero, and no more than {@link #GREATEST}; anything else is an error. */
    public static Money price(long minor, String currency) {
        return price(of(minor, currency).major(), currency);
    }

    /** The same, from a decimal in major units. */
    public static Money price(BigDecimal major, String currency) {
        RuleBroken.unless(major.signum() > 0, "A price is more than nothing.");
        return ofMajor(major, currencyOf(currency));
    }

    public static Money zero(Currency currency) {
        return new Money(0, currency);
    }

    /** From a decimal in major units; more decimals than the currency has, or a figure beyond {@link #GREATEST}, is an error. */
    public static Money ofMajor(BigDecimal major, Currency currency) {
        RuleBroken.unless(
                major.abs().compareTo(GREATEST) <= 0,
                "The sum %s is longer than any price (10,000,000 at most); check the figure.",
                major.precision() > 20 ? "given" : major.toPlainString());
        var digits = Math.max(0, currency.getDefaultFractionDigits());
        try {
            return new Money(
                    major.setScale(digits, RoundingMode.UNNECESSARY)
                            .unscaledValue()
                            .longValueExact(),
                    currency);
        } catch (ArithmeticException tooFine) {
            throw new RuleBroken("The sum %s has more decimals than %s has; write it with %s."
                    .formatted(
                            major.toPlainString(),
                            currency.getCurrencyCode(),
                            digits == 0 ? "none" : digits + " at most"));
        }
    }

    public static Currency currencyOf(String code) {
        try {
            return Currency.getInstance(code);
        } catch (IllegalArgumentException unknown) {
            throw new RuleBroken("\"%s\" is not an ISO 4217 currency; write three letters such as EUR."
                    .formatted(code.length() > 10 ? code.substring(0, 10) + "…" : code));
        }
    }

    public static Money sum(Collection<Money> parts, Currency currency) {
        return parts.stream().reduce(zero(currency), Money::plus);
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(minor, same(other).minor), currency);
    }

    public Money minus(Money other) {
        return new Money(Math.subtractExact(minor, same(other).minor), currency);
    }

    public Money times(int quantity) {
        return new Money(Math.multiplyExact(minor, quantity), currency);
    }

    /** This sum times a share in thousandths, rounded half-even to the minor unit. */
    public Money permille(long thousandths) {
        var exact = BigDecimal.valueOf(minor).multiply(BigDecimal.valueOf(thousandths));
        return new Money(
                exact.divide(BigDecimal.valueOf(1000), 0, RoundingMode.HALF_EVEN)
                        .longValueExact(),
                currency);
    }

    /** To the nearest ten of the major unit; a half goes up. */
    public Money toTens() {
        var ten = ofMajor(BigDecimal.TEN, currency).minor;
        return new Money(Math.floorDiv(Math.addExact(minor, ten / 2), ten) * ten, currency);
    }

    /** So many parts of a whole, rounded down; {@code whole} is above zero. */
    public Money share(long parts, long whole) {
        var minor = BigDecimal.valueOf(this.minor)
                .multiply(BigDecimal.valueOf(parts))
                .divide(BigDecimal.valueOf(whole), 0, RoundingMode.FLOOR)
                .longValueExact();
        return new Money(minor, currency);
    }

    public boolean isNegative() {
        return minor < 0;
    }

    public BigDecimal major() {
        return BigDecimal.valueOf(minor, Math.max(0, currency.getDefaultFractionDigits()));
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(minor, same(other).minor);
    }

    private Money same(Money other) {
        RuleBroken.unless(
                currency.equals(other.currency),
                "%s and %s are two currencies; convert one of them first.",
                this,
                other);
        return other;
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%,." + major().scale() + "f %s", major(), currency.getCurrencyCode());
    }
}
