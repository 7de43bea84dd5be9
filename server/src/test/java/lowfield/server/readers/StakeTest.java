package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

/** Where a total stands against its band, as it is drawn. */
class StakeTest {
    private static final Wording WORDS =
            new Wording(Locale.forLanguageTag("en-150"), ZoneId.of("CET"), Currency.getInstance("EUR"));

    private static Band band(long low, long high) {
        return new Band.FromTo(euro(low), euro(high));
    }

    private static Money euro(long cents) {
        return Money.of(cents, "EUR");
    }

    @Test
    void theFlagStandsWhereTheTotalIsAndAlwaysInThePicture() {
        var chance = new Random(20261128);
        for (int i = 0; i < 2000; i++) {
            var low = 1000 + chance.nextLong(200_000);
            var high = low + 100 + chance.nextLong(100_000);
            var total = 1 + chance.nextLong(600_000);
            var stake = Stake.of(band(low, high), Optional.of(euro(total)), WORDS);
            assertThat(stake).isNotNull();
            assertThat(stake.x()).isBetween(0.0, 240.0);
            assertThat(stake.lowX()).isBetween(0.0, stake.highX());
            assertThat(stake.highX()).isLessThanOrEqualTo(240.0);
            assertThat(stake.inside()).isEqualTo(total >= low && total <= high);
            if (stake.inside()) {
                assertThat(stake.x()).isBetween(stake.lowX(), stake.highX());
            } else {
                assertThat(stake.x() <= stake.lowX() || stake.x() >= stake.highX())
                        .isTrue();
            }
        }
    }

    @Test
    void aTotalThatIsNotKnownStandsNowhere() {
        var stake = Stake.of(band(54000, 58000), Optional.empty(), WORDS);
        assertThat(stake).isNotNull();
        assertThat(stake.known()).isFalse();
        assertThat(stake.inside()).isFalse();
        assertThat(stake.low()).isEqualTo("540.00");
        assertThat(stake.high()).isEqualTo("580.00");
    }

    @Test
    void withoutABandThereIsNothingToDraw() {
        assertThat(Stake.of(new Band.None(), Optional.of(euro(54000)), WORDS)).isNull();
    }
}
