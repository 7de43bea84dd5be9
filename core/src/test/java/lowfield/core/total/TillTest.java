package lowfield.core.total;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Random;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import org.junit.jupiter.api.Test;

class TillTest {
    private static final ReaderRegion SWEDEN = new ReaderRegion("Sweden", "SEK", 250);
    private static final ReaderRegion HOME = new ReaderRegion("Home coast", "EUR", 200);
    private static final Rate RATE = rate("EUR", "SEK", "11.05");

    private static Rate rate(String from, String to, String rate) {
        return new Rate(
                Money.currencyOf(from),
                Money.currencyOf(to),
                new BigDecimal(rate),
                LocalDate.of(2026, 12, 3),
                "rates.example");
    }

    private static Money euro(long minor) {
        return Money.of(minor, "EUR");
    }

    private static Till till() {
        return new Till(euro(0));
    }

    @Test
    void theShopsTaxIsTakenOutAndTheRegionsPutOn() {
        // 1,200.00 with 20% inside is 1,000.00 net; with 25% it is 1,250.00.
        assertThat(till().taxed(euro(120000), 200).in(SWEDEN)).isEqualTo(euro(125000));
    }

    @Test
    void aUsedPartUnderMarginTaxStaysAsItIsAtAForeignTill() {
        assertThat(till().taxed(euro(120000), 200).asItIs(euro(48900)).in(SWEDEN))
                .isEqualTo(euro(125000 + 48900));
    }

    @Test
    void linesAreSummedBeforeTheyAreRounded() {
        // Each line alone would round 0.04 to 0.04; three together are 0.12, and 0.125 rounds to even.
        assertThat(till().taxed(euro(4), 200)
                        .taxed(euro(4), 200)
                        .taxed(euro(4), 200)
                        .in(SWEDEN))
                .isEqualTo(euro(12));
        assertThat(till().taxed(euro(36), 200).in(SWEDEN)).isEqualTo(euro(38));
    }

    @Test
    void theConversionComesLastAndRoundsOnce() {
        // 1,250.00 EUR at 11.05 is 13,812.50 SEK.
        assertThat(till().taxed(euro(120000), 200).in(SWEDEN, RATE)).isEqualTo(Money.of(1381250, "SEK"));
    }

    @Test
    void atHomeNothingChanges() {
        var random = new Random(7);
        for (int i = 0; i < 500; i++) {
            var goods = euro(1 + random.nextInt(500_000));
            assertThat(till().taxed(goods, 200).in(HOME)).isEqualTo(goods);
        }
    }

    @Test
    void aRateConvertsNoThirdCurrency() {
        assertThatThrownBy(() -> RATE.convert(Money.of(100, "PLN"))).isInstanceOf(RuleBroken.class);
        assertThatThrownBy(() -> rate("EUR", "SEK", "0")).isInstanceOf(RuleBroken.class);
    }

    @Test
    void aRateAcrossIsOfTheOlderDay() {
        var pln = new Rate(
                Money.currencyOf("EUR"),
                Money.currencyOf("PLN"),
                new BigDecimal("4.25"),
                LocalDate.of(2026, 12, 1),
                "rates.example");
        var across = Rate.across(pln, RATE);
        assertThat(across.from().getCurrencyCode()).isEqualTo("PLN");
        assertThat(across.rate()).isEqualByComparingTo("2.6");
        assertThat(across.day()).isEqualTo(LocalDate.of(2026, 12, 1));
    }

    @Test
    void aRegionHasANameAndAPossibleTax() {
        assertThatThrownBy(() -> new ReaderRegion(" ", "SEK", 250)).hasMessageContaining("1 to 80 letters");
        assertThatThrownBy(() -> new ReaderRegion("Sweden", "SEK", 600)).hasMessageContaining("0 to 50%");
    }
}
