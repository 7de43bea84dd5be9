package lowfield.server.guide;

import java.util.IllformedLocaleException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.guide.RoundPlan;
import lowfield.core.money.Money;
import lowfield.core.offer.PricePolicy;
import lowfield.core.total.ReaderRegion;
import lowfield.core.total.SalesTax;
import lowfield.server.shops.Shops;
import org.jspecify.annotations.Nullable;

/** What an author says about a guide; {@code printsHandling}: whether it prints how far the desk's people have handled a part. */
public record GuideForm(
        String name,
        String region,
        String zone,
        String currency,
        String locale,
        String schedule,
        String disclosure,
        PricePolicy policy,
        int oldAfterDays,
        Set<UUID> shops,
        @Nullable EnergyForm energy,
        @Nullable List<ReaderRegion> readerRegions,
        @Nullable RoundPlan rounds,
        @Nullable List<UsualForm> usualValues,
        @Nullable Integer salesTaxPermille,
        @Nullable Boolean printsHandling) {
    private static final int MOST_REGIONS = 6;

    public GuideForm {
        RuleBroken.unless(
                readerRegions == null || readerRegions.size() <= MOST_REGIONS,
                "A guide tells the totals of at most %d readers' regions.",
                MOST_REGIONS);
        RuleBroken.unless(!name.isBlank() && name.length() <= 100, "A guide's name has 1 to 100 letters.");
        RuleBroken.unless(!region.isBlank() && region.length() <= 80, "A region has 1 to 80 letters.");
        UsualForm.values(usualValues);
        new SalesTax(salesTaxPermille == null ? 0 : salesTaxPermille, false);
        Shops.zone(zone);
        Money.currencyOf(currency);
        RuleBroken.unless(
                isLocale(locale),
                "\"%s\" is not a language tag; write one such as en.",
                locale.length() > 20 ? "This" : locale);
        RuleBroken.unless(schedule.length() <= 120, "A schedule takes at most 120 letters.");
        RuleBroken.unless(disclosure.length() <= 2000, "A disclosure takes at most 2,000 letters.");
        RuleBroken.unless(
                oldAfterDays >= 1 && oldAfterDays <= 90,
                "Prices for publishing are 1 to 90 days old at most, not %d.",
                oldAfterDays);
    }

    private static boolean isLocale(String tag) {
        try {
            return !new Locale.Builder()
                    .setLanguageTag(tag)
                    .build()
                    .getLanguage()
                    .isEmpty();
        } catch (IllformedLocaleException malformed) {
            return false;
        }
    }

    String slug() {
        var bare = java.text.Normalizer.normalize(name, java.text.Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "");
        var slug = bare.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        RuleBroken.unless(!slug.isEmpty(), "A guide's name holds a letter or digit that an address can show.");
        return slug.length() > 60 ? slug.substring(0, 60) : slug;
    }
}
