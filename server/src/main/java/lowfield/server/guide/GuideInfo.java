package lowfield.server.guide;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import lowfield.core.guide.RoundPlan;
import lowfield.core.guide.UsualValues;
import lowfield.core.money.Money;
import lowfield.core.offer.PricePolicy;
import lowfield.core.total.ReaderRegion;
import lowfield.server.shops.OwnShop;
import org.jspecify.annotations.Nullable;

/** A guide with its settings; {@code printsHandling}: whether it prints how far the desk's people have handled a part. */
public record GuideInfo(
        UUID id,
        String slug,
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
        List<ReaderRegion> readerRegions,
        RoundPlan rounds,
        List<UsualForm> usualValues,
        int salesTaxPermille,
        boolean printsHandling,
        int version) {
    /** What it takes for figures that are rarely printed. */
    @JsonIgnore
    public UsualValues usual() {
        return UsualForm.values(usualValues);
    }

    /** Where offers count: at the shops it buys at, and at no shop of the desk. */
    @JsonIgnore
    public Set<UUID> pricedAt() {
        return OwnShop.beside(shops, currency);
    }

    public Currency money() {
        return Money.currencyOf(currency);
    }
}
