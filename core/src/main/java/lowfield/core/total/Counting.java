package lowfield.core.total;

import java.util.List;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;

/**
 * How a build is counted beyond its lines.
 *
 * @param shipping whether what sellers take for shipping is in the total
 * @param zero nothing, in the guide's currency
 */
public record Counting(boolean shipping, List<Adjustment> adjustments, SalesTax tax, Money zero) {
    public Counting {
        adjustments = List.copyOf(adjustments);
    }

    /** Goods, and shipping if so, in a guide whose prices hold their tax. */
    public static Counting of(boolean shipping, Money zero) {
        return new Counting(shipping, List.of(), SalesTax.NONE, zero);
    }

    /** What all adjustments come to; below zero when discounts outweigh the rest. */
    public Money adjusted() {
        return Money.sum(adjustments.stream().map(Adjustment::sum).toList(), zero.currency());
    }

    /** The total that the band is about, from goods and charges: adjustments, then tax last. */
    Amount total(Amount goodsAndCharges) {
        var before = goodsAndCharges.plus(Amount.of(adjusted()));
        return tax.isInBand() ? before.plus(tax.on(before)) : before;
    }
}
