package lowfield.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EstimatesTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final Part SOLD = part("Sold", Release.ON_SALE, 30000);
    private static final Part DEARER = part("Dearer", Release.ON_SALE, 40000);
    private static final Part DEAREST = part("Dearest", Release.ON_SALE, 50000);
    private static final Part ANNOUNCED = part("Announced", Release.ANNOUNCED, 35000);
    private static final List<Part> ALL = List.of(SOLD, DEARER, DEAREST, ANNOUNCED);
    /** At 1.1, 1.2 and 1.5 times what was suggested. */
    private static final Map<Part, Long> ASKED = Map.of(SOLD, 33000L, DEARER, 48000L, DEAREST, 75000L);

    private static Part part(String name, Release release, long suggested) {
        var id = UUID.nameUUIDFromBytes(name.getBytes());
        return new Part(
                id,
                id,
                Kind.FAN,
                "Test",
                name,
                "",
                release,
                Optional.of(eur(suggested)),
                Optional.empty(),
                NOW,
                Kind.FAN.schema().read(Map.of()));
    }

    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private static PartPrice price(Part asked, Part of, Basis basis, Map<Part, Long> offers) {
        var estimates = new Estimates(
                id -> Optional.of(basis).filter(b -> id.equals(of.id())),
                id -> ALL.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow(),
                kind -> ALL);
        return new PriceList(id -> offers(id, offers), PricePolicy.usual(), NOW, estimates).of(asked.id());
    }

    private static List<Offer> offers(UUID id, Map<Part, Long> offers) {
        var seller = new Seller(UUID.nameUUIDFromBytes("s".getBytes()), "Shop", "Shop", Optional.empty());
        return offers.entrySet().stream()
                .filter(e -> e.getKey().id().equals(id))
                .map(e -> new Offer(
                        id,
                        seller,
                        Condition.NEW,
                        eur(e.getValue()),
                        Optional.empty(),
                        Stock.IN_STOCK,
                        false,
                        NOW,
                        "https://x.example"))
                .toList();
    }

    private static Amount estimated(Basis basis) {
        return price(ANNOUNCED, ANNOUNCED, basis, ASKED)
                .estimated()
                .orElseThrow()
                .of(1);
    }

    private static Amount.Range range(long low, long likely, long high) {
        return new Amount.Range(eur(low), eur(likely), eur(high));
    }

    @Test
    void aComparablePartTimesAFactorGivesOrTakesAShare() {
        // 330.00 x 1.15 = 379.50; 8% of it is 30.36.
        var price = price(ANNOUNCED, ANNOUNCED, new Basis.Times(SOLD.id(), 1150, 80), ASKED);
        assertThat(price.estimated().orElseThrow().of(1)).isEqualTo(range(34914, 37950, 40986));
        assertThat(price.estimated().orElseThrow().of(2)).isEqualTo(range(69828, 75900, 81972));
        assertThat(price.estimated().orElseThrow().derivation())
                .isEqualTo("Sold, 330.00 EUR, times 1.15; give or take 8%");
        assertThat(price.offer()).isEmpty();
    }

    @Test
    void aStepGoesUpOrDown() {
        assertThat(estimated(new Basis.Step(SOLD.id(), eur(2000), 0))).isEqualTo(range(35000, 35000, 35000));
        var down = price(ANNOUNCED, ANNOUNCED, new Basis.Step(SOLD.id(), eur(-2000), 100), ASKED);
        assertThat(down.estimated().orElseThrow().of(1)).isEqualTo(range(27900, 31000, 34100));
        assertThat(down.estimated().orElseThrow().derivation()).contains("less 20.00 EUR");
    }

    @Test
    void theSuggestedPriceIsTakenAtTheMiddlePremiumOfItsKind() {
        // The middle of 1.1, 1.2 and 1.5 is 1.2; 350.00 x 1.2 = 420.00.
        assertThat(estimated(new Basis.Suggested(0))).isEqualTo(range(42000, 42000, 42000));
    }

    @Test
    void tooFewPartsTellNoPremium() {
        var few = price(ANNOUNCED, ANNOUNCED, new Basis.Suggested(0), Map.of(SOLD, 33000L, DEARER, 48000L));
        assertThat(few.estimated()).isEmpty();
    }

    @Test
    void aRealOfferEndsTheEstimate() {
        var price = price(
                ANNOUNCED, ANNOUNCED, new Basis.Times(SOLD.id(), 1000, 0), Map.of(SOLD, 33000L, ANNOUNCED, 36000L));
        assertThat(price.estimated()).isEmpty();
        assertThat(price.offer().orElseThrow().price()).isEqualTo(eur(36000));
    }

    @Test
    void onlyAnnouncedPartsAreEstimatedAndOnlyFromRealPrices() {
        assertThat(price(SOLD, SOLD, new Basis.Times(DEARER.id(), 1000, 0), Map.of(DEARER, 48000L))
                        .estimated())
                .isEmpty();
        assertThat(price(ANNOUNCED, ANNOUNCED, new Basis.Times(SOLD.id(), 1000, 0), Map.of())
                        .estimated())
                .isEmpty();
        assertThat(price(ANNOUNCED, ANNOUNCED, new Basis.Times(ANNOUNCED.id(), 1000, 0), ASKED)
                        .estimated())
                .isEmpty();
        assertThat(price(ANNOUNCED, ANNOUNCED, new Basis.Step(SOLD.id(), eur(-33000), 0), ASKED)
                        .estimated())
                .isEmpty();
        assertThat(price(ANNOUNCED, ANNOUNCED, new Basis.Step(SOLD.id(), Money.of(100, "SEK"), 0), ASKED)
                        .estimated())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 501, 2000})
    void aShareIsNoneToHalf(int permille) {
        assertThatThrownBy(() -> new Basis.Suggested(permille)).isInstanceOf(RuleBroken.class);
        assertThatThrownBy(() -> new Basis.Step(SOLD.id(), eur(1), permille)).isInstanceOf(RuleBroken.class);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1150, 99, 10_001})
    void aFactorIsATenthToTen(int permille) {
        assertThatThrownBy(() -> new Basis.Times(SOLD.id(), permille, 0)).isInstanceOf(RuleBroken.class);
    }
}
