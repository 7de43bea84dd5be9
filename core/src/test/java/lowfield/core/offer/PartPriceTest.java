package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartPriceTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");

    private static Offer offer(
            String shop, long price, long shipping, Condition condition, Stock stock, boolean members, int daysOld) {
        var seller =
                new Seller(UUID.nameUUIDFromBytes(shop.getBytes()), shop, shop, Optional.of(Money.of(7900, "EUR")));
        return new Offer(
                UUID.nameUUIDFromBytes((shop + price).getBytes()),
                seller,
                condition,
                Money.of(price, "EUR"),
                Optional.of(Money.of(shipping, "EUR")),
                stock,
                members,
                NOW.minus(Duration.ofDays(daysOld)),
                "https://x.example");
    }

    private static Offer plain(String shop, long price, long shipping) {
        return offer(shop, price, shipping, Condition.NEW, Stock.IN_STOCK, false, 0);
    }

    private static PartPrice price(int quantity, Offer... offers) {
        return PartPrice.of(List.of(offers), PricePolicy.usual(), NOW, quantity, Optional.empty());
    }

    @Test
    void takesTheCheapestAtTheDoorAndNamesTheNext() {
        var dearShipping = plain("A", 5000, 900);
        var cheaper = plain("B", 5200, 490);
        var priced = (PartPrice.Priced) price(1, dearShipping, cheaper);
        assertThat(priced.best()).isEqualTo(cheaper);
        assertThat(priced.runnersUp()).containsExactly(dearShipping);
    }

    @Test
    void shipsFreeFromTheSellersThreshold() {
        assertThat(plain("A", 5000, 900).landedAlone(1).minor()).isEqualTo(5900);
        assertThat(plain("A", 5000, 900).landedAlone(2).minor()).isEqualTo(10000);
        assertThat(plain("A", 7900, 900).landedAlone(1).minor()).isEqualTo(7900);
    }

    @Test
    void tellsWhyThereIsNoPrice() {
        var none = price(
                1,
                offer("A", 100, 0, Condition.USED, Stock.IN_STOCK, false, 0),
                offer("B", 100, 0, Condition.NEW, Stock.GONE, true, 9));
        assertThat(none.offer()).isEmpty();
        assertThat(none.whyNone())
                .isEqualTo("A: used is not admitted; B: no longer sold, members only, seen 9 days ago, older than 7");
        assertThat(price(1).whyNone()).isEqualTo("no shop has been seen offering it");
    }

    @Test
    void anOfferLapsesByTheClock() {
        assertThat(price(1, offer("A", 100, 0, Condition.NEW, Stock.IN_STOCK, false, 7))
                        .offer())
                .isPresent();
        assertThat(price(1, offer("A", 100, 0, Condition.NEW, Stock.IN_STOCK, false, 8))
                        .offer())
                .isEmpty();
    }

    @Test
    void aHeldOfferIsTheOnlyOneConsidered() {
        var cheap = plain("A", 100, 0);
        var held = plain("B", 200, 0);
        var price = PartPrice.of(List.of(cheap, held), PricePolicy.usual(), NOW, 1, Optional.of(held.listing()));
        assertThat(price.offer()).contains(held);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 91})
    void aPolicyHasABoundedAge(int days) {
        assertThatThrownBy(() -> new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.IN_STOCK), false, days))
                .isInstanceOf(RuleBroken.class);
    }

    @Test
    void aPolicyAdmitsSomething() {
        assertThatThrownBy(() -> new PricePolicy(Set.of(), Set.of(Stock.IN_STOCK), false, 7))
                .hasMessageContaining("condition");
        assertThatThrownBy(() -> new PricePolicy(Set.of(Condition.NEW), Set.of(), false, 7))
                .hasMessageContaining("stock");
    }
}
