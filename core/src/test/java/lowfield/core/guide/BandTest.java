package lowfield.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import lowfield.core.RuleBroken;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.total.BandState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BandTest {
    private static Money euro(long minor) {
        return Money.of(minor, "EUR");
    }

    @Test
    void endsMayNotBeSwapped() {
        assertThatThrownBy(() -> new Band.FromTo(euro(84000), euro(82000)))
                .isInstanceOf(RuleBroken.class)
                .hasMessage(
                        "Band upper limit 820.00 EUR is below its lower limit 840.00 EUR; swap them or name one figure.");
    }

    @ParameterizedTest
    @CsvSource({"0, 100", "-5, 100", "0, 0"})
    void startsAboveZero(long from, long to) {
        assertThatThrownBy(() -> new Band.FromTo(euro(from), euro(to)))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("above zero");
    }

    @ParameterizedTest
    @CsvSource({"0, 20", "-1, 20", "100, -1", "100, 501"})
    void aPointIsAboveZeroWithATolerance(long point, int tolerance) {
        assertThatThrownBy(() -> new Band.Point(euro(point), tolerance)).isInstanceOf(RuleBroken.class);
    }

    @Test
    void aPointsEndsAreExact() {
        var band = new Band.Point(euro(124000), 20);
        assertThat(band.low()).contains(euro(121520));
        assertThat(band.high()).contains(euro(126480));
    }

    @ParameterizedTest
    @CsvSource({"83999, Under, 1", "84000, Inside, 8000", "92000, Inside, 0", "92001, Over, 1"})
    void endsBelongToTheBand(long total, String state, long by) {
        var found = BandState.of(Amount.of(euro(total)), new Band.FromTo(euro(84000), euro(92000)));
        assertThat(found.getClass().getSimpleName()).isEqualTo(state);
        assertThat(found.toString()).contains(euro(by).toString());
    }

    @Test
    void anUnknownTotalIsNeverInside() {
        assertThat(BandState.of(Amount.notKnown("board"), new Band.None())).isEqualTo(new BandState.NotKnown());
        assertThat(BandState.of(Amount.of(euro(1)), new Band.None())).isEqualTo(new BandState.NoBand());
    }

    @Test
    void everyTotalIsInExactlyTheStateItsEndsSay() {
        var random = new Random(3);
        for (int i = 0; i < 500; i++) {
            var low = random.nextLong(1, 500_000);
            var high = low + random.nextLong(0, 100_000);
            var total = random.nextLong(0, 700_000);
            var state = BandState.of(Amount.of(euro(total)), new Band.FromTo(euro(low), euro(high)));
            assertThat(state instanceof BandState.Under).isEqualTo(total < low);
            assertThat(state instanceof BandState.Over).isEqualTo(total > high);
        }
    }
}
