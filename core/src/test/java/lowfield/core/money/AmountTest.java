package lowfield.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AmountTest {
    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private static Amount.Range range(long low, long likely, long high) {
        return new Amount.Range(eur(low), eur(likely), eur(high));
    }

    @Test
    void oneRangeMakesTheSumARangeAndOneUnknownMakesItUnknown() {
        var known = Amount.of(eur(100));
        assertThat(known.plus(range(10, 20, 40))).isEqualTo(range(110, 120, 140));
        assertThat(range(10, 20, 40).plus(range(1, 2, 3))).isEqualTo(range(11, 22, 43));
        assertThat(range(10, 20, 40).plus(Amount.notKnown("card")).blame()).containsExactly("card");
        assertThat(range(10, 20, 40).known()).isEmpty();
    }

    @Test
    void aRangeTakenAwayTurnsRound() {
        assertThat(Amount.of(eur(100)).minus(range(10, 20, 40))).isEqualTo(range(60, 80, 90));
        assertThat(range(10, 20, 40).minus(Amount.of(eur(5)))).isEqualTo(range(5, 15, 35));
    }

    /** What both sums leave open is the same estimate, which has not moved. */
    @Test
    void aSumWithAnEstimateMovesByWhatChangedAlone() {
        assertThat(range(110, 120, 140).since(range(100, 110, 130))).isEqualTo(Amount.of(eur(10)));
        assertThat(range(110, 120, 140).since(Amount.of(eur(100)))).isEqualTo(range(10, 20, 40));
        assertThat(Amount.of(eur(100)).since(range(90, 110, 140))).isEqualTo(range(-40, -10, 10));
        assertThat(Amount.of(eur(100)).since(Amount.of(eur(90)))).isEqualTo(Amount.of(eur(10)));
        assertThat(range(1, 2, 3).since(Amount.notKnown("card")).blame()).containsExactly("card");
        assertThat(range(1, 2, 3).likeliest()).contains(eur(2));
    }

    @Test
    void aRangeIsInOrder() {
        assertThatThrownBy(() -> range(3, 2, 4)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> range(1, 5, 4)).isInstanceOf(IllegalArgumentException.class);
    }

    /** What may truly be inside of each part is inside of the sum. */
    @Test
    void aSumOfRangesHoldsEverySumOfWhatIsInThem() {
        var random = new Random(20261203);
        for (int i = 0; i < 500; i++) {
            var parts = List.of(any(random), any(random), any(random));
            var sum = parts.stream()
                    .<Amount>map(p -> p)
                    .reduce(Amount.of(eur(0)), Amount::plus)
                    .range()
                    .orElseThrow();
            var inside = parts.stream()
                    .mapToLong(p -> p.low().minor()
                            + (long) (random.nextDouble()
                                    * (p.high().minor() - p.low().minor())))
                    .sum();
            assertThat(inside).isBetween(sum.low().minor(), sum.high().minor());
        }
    }

    private static Amount.Range any(Random random) {
        var low = random.nextInt(10_000);
        var likely = low + random.nextInt(1000);
        return range(low, likely, likely + random.nextInt(1000));
    }
}
