package lowfield.server.guide;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Currency;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Wishes;
import org.jspecify.annotations.Nullable;

/**
 * What an author says about a tier; {@code showsBuilds} sets its builds side by side on the readers' page, {@code countsTax} says that the
 * band is about the total with sales tax.
 */
public record TierForm(
        String name,
        String audience,
        String promise,
        BandForm band,
        boolean countsShipping,
        @Nullable WishForm wishes,
        @Nullable Boolean showsBuilds,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable OverrideForm policy,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean countsTax) {
    public TierForm {
        policy = OverrideForm.stored(policy);
        countsTax = Boolean.TRUE.equals(countsTax) ? Boolean.TRUE : null;
        wishes = wishes == null ? WishForm.NONE : wishes;
        showsBuilds = Boolean.TRUE.equals(showsBuilds);
        wishes.wishes("");
        RuleBroken.unless(!name.isBlank() && name.length() <= 60, "A tier's name has 1 to 60 letters.");
        RuleBroken.unless(audience.length() <= 500, "Who the tier is for takes at most 500 letters.");
        RuleBroken.unless(promise.length() <= 500, "A promise takes at most 500 letters.");
    }

    /** The same with other offers counting. */
    public TierForm admitting(@Nullable OverrideForm other) {
        return new TierForm(name, audience, promise, band, countsShipping, wishes, showsBuilds, other, countsTax);
    }

    /** What the tier asks of its builds where the guide's readers are. */
    public Wishes wishes(String region) {
        return wishes == null ? Wishes.NONE : wishes.wishes(region);
    }

    public boolean isWithTax() {
        return Boolean.TRUE.equals(countsTax);
    }

    /** Refuses a band that is none in a currency. */
    public void check(Currency currency) {
        band.band(currency);
    }
}
