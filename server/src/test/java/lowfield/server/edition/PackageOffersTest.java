package lowfield.server.edition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.ShopsAsSellers;
import org.junit.jupiter.api.Test;

class PackageOffersTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final UUID SHOP = UUID.randomUUID();
    private static final UUID BOARD = UUID.randomUUID();
    private static final UUID CPU = UUID.randomUUID();
    private static final Seller FERROWBY = new Seller(UUID.randomUUID(), "Ferrowby", "Ferrowby", Optional.empty());

    private final Bundles bundles = mock(Bundles.class);
    private final GuideInfo guide = mock(GuideInfo.class);
    private final PackageOffers packages =
            new PackageOffers(bundles, mock(ShopsAsSellers.class), Clock.fixed(NOW, ZoneOffset.UTC));

    /** A guide that has left a shop since: what was published is still bought where it was bought then. */
    @Test
    void aBundleIsLookedForAtTheShopsThatAreNamedNotAtThoseOfTheGuide() {
        when(guide.shops()).thenReturn(Set.of());
        when(guide.money()).thenReturn(Money.currencyOf("EUR"));
        when(bundles.of(Set.of(SHOP))).thenReturn(List.of(bundle()));
        assertThat(asked(Set.of(SHOP)).map(Offer::price)).contains(Money.of(27_900, "EUR"));
        assertThat(asked(Set.of())).isEmpty();
    }

    private Optional<Offer> asked(Set<UUID> shops) {
        var form = new ExtrasForm.PackageForm(
                UUID.randomUUID(),
                "CPU and motherboard",
                List.of(member(CPU), member(BOARD)),
                FERROWBY.id(),
                null,
                null,
                null,
                null,
                null);
        return packages.of(guide, shops, PricePolicy.usual(), List.of(form))
                .all()
                .get(0)
                .offer();
    }

    private static ExtrasForm.MemberForm member(UUID part) {
        return new ExtrasForm.MemberForm(UUID.randomUUID(), "part:" + part, 1, null);
    }

    private static Bundle bundle() {
        return new Bundle(
                FERROWBY,
                Map.of(CPU, 1, BOARD, 1),
                Money.of(27_900, "EUR"),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://ferrowby.example/together/1");
    }
}
