package lowfield.core.total;

import lowfield.core.RuleBroken;
import lowfield.core.money.Amount;

/**
 * Tax that shops ask on top of the prices they show (rules 3).
 *
 * @param permille in thousandths, 0 to 500; 0 where prices hold their tax already
 * @param isInBand whether the tier's band is about the total with this tax
 */
public record SalesTax(int permille, boolean isInBand) {
    /** Prices hold their tax. */
    public static final SalesTax NONE = new SalesTax(0, false);

    public SalesTax {
        RuleBroken.unless(permille >= 0 && permille <= 500, "A tax rate is 0 to 50%%.");
    }

    public boolean isAsked() {
        return permille > 0;
    }

    /** What is asked on an amount, each of its figures rounded half-even once. */
    Amount on(Amount amount) {
        return amount.map(m -> m.permille(permille));
    }
}
