package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lowfield.core.money.Money;
import lowfield.core.offer.Guard.Ground;
import lowfield.core.offer.Guard.Past;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GuardTest {
    private static Money euro(long minor) {
        return Money.of(minor, "EUR");
    }

    private static Ground after(long last) {
        return new Ground(List.of(), Optional.of(new Past(euro(last), 1)), Optional.empty(), 1, List.of());
    }

    private static List<Past> past(long... prices) {
        return Arrays.stream(prices).mapToObj(p -> new Past(euro(p), 1)).toList();
    }

    private static Guard.Judgement judge(List<Past> past, double level, long seen, Money... elsewhere) {
        return Guard.USUAL.judge(
                new Ground(past, Optional.empty(), Optional.empty(), level, List.of(elsewhere)), euro(seen));
    }

    @ParameterizedTest
    @CsvSource({
        "10000, 6499, false",
        "10000, 6500, true",
        "10000, 10000, true",
        "10000, 16000, true",
        "10000, 16001, false",
        "10000, 1000000, false",
        "6190, 619, false",
        "1, 1, true"
    })
    void withLittleHistoryOutside65To160PercentOfTheLastAccepted(long last, long seen, boolean accepted) {
        assertThat(Guard.USUAL.judge(after(last), euro(seen)).accepted()).isEqualTo(accepted);
    }

    @Test
    void saysWhy() {
        assertThat(Guard.USUAL.judge(after(6190), euro(619)).why())
                .isEqualTo("6.19 EUR is under 65% of the last accepted 61.90 EUR");
        assertThat(Guard.USUAL
                        .judge(Ground.of(Optional.empty(), Optional.of(euro(6190))), euro(619))
                        .why())
                .isEqualTo("6.19 EUR is under 65% of 61.90 EUR, which others ask");
        assertThat(judge(past(10000, 10100, 9900, 10000, 10050), 1, 8000).why())
                .isEqualTo("80.00 EUR stands out: −20% off 100.00 EUR, the middle of 5 accepted prices");
    }

    @Test
    void acceptsTheFirstPrice() {
        assertThat(Guard.USUAL.judge(Ground.NOTHING, euro(1)).accepted()).isTrue();
    }

    /**
     * Five quiet prices: the spread is taken as 0.02, so that 3.5 spreads are ln x = 3.5 x 0.02 / 0.6745 = 0.1038, 10.9%:
     * less than 12%, which therefore decides.
     */
    @ParameterizedTest
    @CsvSource({"11199, true", "11201, false", "8801, true", "8799, false"})
    void aQuietPriceMayMoveByTwelvePercent(long seen, boolean accepted) {
        assertThat(judge(past(10000, 10000, 10000, 10000, 10000), 1, seen).accepted())
                .isEqualTo(accepted);
    }

    /** Logs 0, 0, ±0.0953, ±0.1823 of 100: MAD 0.0953; 3.5 x 0.0953 / 0.6745 = 0.4945, so up to 163.9 is in line. */
    @ParameterizedTest
    @CsvSource({"16300, true", "16500, false"})
    void aRestlessPriceMayMoveMore(long seen, boolean accepted) {
        assertThat(judge(past(10000, 11000, 9091, 12000, 8333, 10000), 1, seen).accepted())
                .isEqualTo(accepted);
    }

    /** Memory that trebles over months: with the kind's move taken out, nothing is frozen. */
    @Test
    void aMarketThatMovesDoesNotFreezeEverything() {
        var random = new Random(9);
        var past = new ArrayList<Past>();
        var level = 1.0;
        for (int day = 0; day < 90; day++) {
            level *= Math.pow(3, 1 / 90.0);
            var seen = Math.round(10_000 * level * (1 + 0.02 * random.nextGaussian()));
            assertThat(judge(past, level, seen).accepted()).as("day " + day).isTrue();
            past.add(new Past(euro(seen), level));
        }
        assertThat(judge(past, 1, 30_000).accepted())
                .as("as if the kind had not moved")
                .isFalse();
        assertThat(judge(past, level, 10_000).accepted())
                .as("yesterday's world")
                .isFalse();
    }

    /** A true half-price sale beside a fake one: the true one is seen at two shops. */
    @Test
    void aSecondShopThatAgreesLetsAPriceThrough() {
        var usual = past(20000, 20100, 19900, 20000, 20200, 19800);
        assertThat(judge(usual, 1, 10000).accepted()).isFalse();
        assertThat(judge(usual, 1, 10000, euro(19900)).accepted()).isFalse();
        assertThat(judge(usual, 1, 10000, euro(19900), euro(10500)).accepted()).isTrue();
        assertThat(judge(usual, 1, 10000, euro(10501)).accepted()).isFalse();
        assertThat(judge(usual, 1, 10000, euro(9500)).why()).contains("a second shop asks 95.00 EUR, which agrees");
    }

    /** With a heatsink it costs a quarter more than its siblings: asked about once, and not again while it stands there. */
    @Test
    void aSiblingThatAlwaysCostsMoreIsAskedAboutOnce() {
        var siblings = past(6200, 6250, 6300, 6250, 6280, 6260);
        assertThat(judge(siblings, 1, 7800).accepted()).isFalse();
        var released = new Ground(siblings, Optional.of(new Past(euro(7800), 1)), Optional.empty(), 1, List.of());
        assertThat(Guard.USUAL.judge(released, euro(7900)).accepted()).isTrue();
        assertThat(Guard.USUAL.judge(released, euro(8800)).accepted()).isFalse();
    }

    @Test
    void aNewListingWithLittleHistoryIsHeldAgainstItsPeers() {
        var ground = new Ground(List.of(), Optional.empty(), Optional.of(new Past(euro(10000), 1)), 1, List.of());
        assertThat(Guard.USUAL.judge(ground, euro(1000)).accepted()).isFalse();
        assertThat(Guard.USUAL.judge(ground, euro(10500)).accepted()).isTrue();
    }
}
