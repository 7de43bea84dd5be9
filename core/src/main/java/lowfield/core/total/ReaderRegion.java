package lowfield.core.total;

import java.util.Currency;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/** Where readers live who pay in another currency and with another tax: tax in thousandths, 0 to 500. */
public record ReaderRegion(String name, String currency, int taxPermille) {
    public ReaderRegion {
        RuleBroken.unless(!name.isBlank() && name.length() <= 80, "A readers' region has a name of 1 to 80 letters.");
        Money.currencyOf(currency);
        RuleBroken.unless(taxPermille >= 0 && taxPermille <= 500, "A tax rate is 0 to 50%%.");
    }

    public Currency money() {
        return Money.currencyOf(currency);
    }
}
