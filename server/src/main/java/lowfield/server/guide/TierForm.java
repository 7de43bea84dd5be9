package lowfield.server.guide;

import java.util.Currency;
import lowfield.core.RuleBroken;

/** What an author says about a tier. */
public record TierForm(String name, String audience, String promise, BandForm band, boolean countsShipping) {
    public TierForm {
        RuleBroken.unless(!name.isBlank() && name.length() <= 60, "A tier's name has 1 to 60 letters.");
        RuleBroken.unless(audience.length() <= 500, "Who the tier is for takes at most 500 letters.");
        RuleBroken.unless(promise.length() <= 500, "A promise takes at most 500 letters.");
    }

    void check(Currency currency) {
        band.band(currency);
    }
}
