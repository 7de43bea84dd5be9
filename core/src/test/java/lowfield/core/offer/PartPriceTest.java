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
import org.junit.jupiter.params.provider.CsvSource;
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

    /** A marketplace offer that says nothing of shipping is not the cheapest at the door, however little it asks. */
    @Test
    void shippingThatIsNotStatedIsNotZero() {
        var known = plain("A", 5000, 900);
        var open = market("cheap seller", 4500);
        var priced = (PartPrice.Priced) price(1, open, known);
        assertThat(priced.best()).isEqualTo(known);
        assertThat(priced.runnersUp()).containsExactly(open);
        assertThat(price(1, open).offer()).contains(open);
    }

    private static Offer market(String name, long price) {
        var seller = new Seller(UUID.nameUUIDFromBytes(name.getBytes()), name, "Quillmarket", Optional.empty());
        return new Offer(
                UUID.nameUUIDFromBytes((name + price).getBytes()),
                seller,
                Condition.NEW,
                Money.of(price, "EUR"),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://x.example");
    }

    @Test
    void shipsFreeFromTheSellersThreshold() {
        assertThat(plain("A", 5000, 900).landedAlone(1).minor()).isEqualTo(5900);
        assertThat(plain("A", 5000, 900).landedAlone(2).minor()).isEqualTo(10000);
        assertThat(plain("A", 7900, 900).landedAlone(1).minor()).isEqualTo(7900);
    }

    /** A refurbished card below what is suggested for a new one says nothing of what new ones cost; nor does another currency. */
    @ParameterizedTest
    @CsvSource({
        "NEW, EUR, 10000, 200",
        "NEW, EUR, 15000, -200",
        "NEW, EUR, 0, ",
        "NEW, JPY, 10000, ",
        "OPENED, EUR, 10000, ",
        "REFURBISHED, EUR, 10000, ",
        "USED, EUR, 10000, "
    })
    void thePremiumIsOfNewGoodsInOneCurrency(Condition condition, String currency, long suggested, Integer permille) {
        var offer = offer("A", 12000, 0, condition, Stock.IN_STOCK, false, 0);
        assertThat(offer.premium(Optional.of(Money.of(suggested, currency)))).isEqualTo(Optional.ofNullable(permille));
        assertThat(offer.premium(Optional.empty())).isEmpty();
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

    // ---- who may sell, from where, and what is taken back --------------------------------------------

    private static PricePolicy policy(Set<SellerKind> sellers, Set<String> regions, int returnDays) {
        return new PricePolicy(
                Set.of(Condition.NEW, Condition.REFURBISHED),
                Set.of(Stock.IN_STOCK),
                false,
                7,
                sellers,
                regions,
                returnDays);
    }

    private static Offer sold(String name, Condition condition, Terms terms) {
        var seller = new Seller(UUID.nameUUIDFromBytes(name.getBytes()), name, "Market", Optional.empty(), terms);
        return new Offer(
                seller.id(),
                seller,
                condition,
                Money.of(5000, "EUR"),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://x.example");
    }

    @Test
    void aPolicyCanKeepOthersThanTheShopOut() {
        var only = policy(Set.of(SellerKind.SHOP), Set.of(), 0);
        assertThat(only.refuse(sold("Market", Condition.NEW, Terms.NOT_TOLD), NOW))
                .isEmpty();
        assertThat(only.refuse(sold("Pier Nine", Condition.NEW, Terms.NOT_TOLD), NOW))
                .containsExactly("sold by a marketplace seller");
    }

    @Test
    void aPolicyCanNameTheRegionsThatCount() {
        var here = policy(Set.of(SellerKind.values()), Set.of("Home coast"), 0);
        assertThat(here.refuse(sold("Market", Condition.NEW, terms("Home coast", Optional.empty())), NOW))
                .isEmpty();
        assertThat(here.refuse(sold("Market", Condition.NEW, terms("Far shore", Optional.empty())), NOW))
                .containsExactly("sold from Far shore");
        assertThat(here.refuse(sold("Market", Condition.NEW, Terms.NOT_TOLD), NOW))
                .containsExactly("where it is sold from is not told");
    }

    @Test
    void usedGoodsCanBeAskedToBeTakenBack() {
        var trusted = policy(Set.of(SellerKind.values()), Set.of(), 14);
        assertThat(trusted.refuse(sold("Market", Condition.REFURBISHED, terms("", Optional.of(30))), NOW))
                .isEmpty();
        assertThat(trusted.refuse(sold("Market", Condition.REFURBISHED, terms("", Optional.of(7))), NOW))
                .containsExactly("taken back for 7 days only");
        assertThat(trusted.refuse(sold("Market", Condition.REFURBISHED, Terms.NOT_TOLD), NOW))
                .containsExactly("whether it is taken back is not told");
        assertThat(trusted.refuse(sold("Market", Condition.NEW, Terms.NOT_TOLD), NOW))
                .isEmpty();
    }

    private static Terms terms(String region, Optional<Integer> returnDays) {
        return new Terms(region, returnDays, true, Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"0, true, true", "71, true, true", "72, true, true", "73, true, false", "73, false, true"})
    void aPriceIsShownForAsLongAsItsShopAllows(int hours, boolean limited, boolean admitted) {
        var terms = new Terms("", Optional.empty(), true, limited ? Optional.of(3) : Optional.empty());
        var refused = PricePolicy.usual()
                .refuse(sold("Market", Condition.NEW, terms), NOW.plus(java.time.Duration.ofHours(hours)));
        assertThat(refused.isEmpty()).isEqualTo(admitted);
        assertThat(terms.mayStand()).isEqualTo(!limited);
    }

    @Test
    void aPolicyThatAdmitsNobodyIsRefused() {
        assertThatThrownBy(() -> policy(Set.of(), Set.of(), 0)).isInstanceOf(RuleBroken.class);
        assertThatThrownBy(() -> policy(Set.of(SellerKind.SHOP), Set.of(" "), 0))
                .isInstanceOf(RuleBroken.class);
        assertThatThrownBy(() -> policy(Set.of(SellerKind.SHOP), Set.of(), 366)).isInstanceOf(RuleBroken.class);
    }
}
