package lowfield.core.total;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.TreeMap;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;

/**
 * What a reader of another region pays at the till (rules 1 to 3): shop prices hold the shops' own tax, so that the net is
 * taken out and the region's tax put on; used goods under margin tax stay as they are. Sums of one tax rate are taken
 * together, each rounded half-even once; the conversion rounds half-even once, at the end.
 */
public final class Till {
    private final Map<Integer, Money> taxed = new TreeMap<>();
    private final Money zero;
    private Money untouched;

    public Till(Money zero) {
        this.zero = zero;
        this.untouched = zero;
    }

    /** Adds what is asked for with so much tax inside, in thousandths. */
    public Till taxed(Money gross, int permille) {
        taxed.merge(permille, gross, Money::plus);
        return this;
    }

    /** Adds what stays as it is: used goods that are taxed on the margin. */
    public Till asItIs(Money gross) {
        untouched = untouched.plus(gross);
        return this;
    }

    /** In the shops' currency, with a region's tax. */
    public Money in(ReaderRegion region) {
        var sum = zero.plus(untouched);
        for (var group : taxed.entrySet()) {
            sum = sum.plus(retaxed(group.getValue(), group.getKey(), region.taxPermille()));
        }
        return sum;
    }

    private static Money retaxed(Money gross, int inside, int outside) {
        var minor = BigDecimal.valueOf(gross.minor())
                .multiply(BigDecimal.valueOf(1000L + outside))
                .divide(BigDecimal.valueOf(1000L + inside), 0, RoundingMode.HALF_EVEN)
                .longValueExact();
        return new Money(minor, gross.currency());
    }

    /** In the region's currency. */
    public Money in(ReaderRegion region, Rate rate) {
        return rate.convert(in(region));
    }
}
