package lowfield.core.total;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.core.offer.Offer;

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

    /**
     * The counted lines of a build, what their sellers take for shipping, and adjustments, which stay as they are.
     *
     * @param taxes each shop's tax in thousandths, by its name; a shop that is not in it has none
     */
    public static Till of(List<LinePrice> lines, CountedTotal total, Map<String, Integer> taxes, Money zero) {
        var till = new Till(zero);
        lines.stream()
                .filter(l -> l.line().counted())
                .forEach(l -> l.goods().known().ifPresent(goods -> till.add(goods, l.offer(), taxes)));
        till.asItIs(total.counting().adjusted());
        for (var charge : total.charges()) {
            charge.amount()
                    .known()
                    .ifPresent(c ->
                            till.taxed(c, taxes.getOrDefault(charge.seller().shop(), 0)));
        }
        return till;
    }

    /** Used goods are taxed on the margin and stay as they are; so does what has no shop's price. */
    private void add(Money goods, Optional<Offer> offer, Map<String, Integer> taxes) {
        if (offer.isEmpty() || offer.get().condition().isUsed()) {
            asItIs(goods);
        } else {
            taxed(goods, taxes.getOrDefault(offer.get().seller().shop(), 0));
        }
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
