package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeightTest {
    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private static Moved moved(long before, long now, int tiers) {
        return new Moved("part:x", "MEMORY", eur(before), eur(now), tiers);
    }

    @ParameterizedTest
    @CsvSource({
        "10000, 10190, 19, true",
        "10000, 10200, 20, false",
        "10000, 9810, -19, true",
        "10000, 9800, -20, false",
        "6000, 6001, 0, true",
        "100, 300, 2000, false"
    })
    void aMoveUnderTwoPerCentIsSmall(long before, long now, int permille, boolean small) {
        assertThat(moved(before, now, 1).permille()).isEqualTo(permille);
        assertThat(moved(before, now, 1).isSmall()).isEqualTo(small);
    }

    @Test
    void troublesWeighMoreThanAnyMoveInTheirOrder() {
        var dearest = moved(100, 9_000_000, 12).weight();
        assertThat(Weight.gone(1)).isGreaterThan(Weight.outOfBand(eur(10_000_000)));
        assertThat(Weight.outOfBand(eur(1))).isGreaterThan(Weight.setAside(100_000, 12));
        assertThat(Weight.setAside(1, 0))
                .isGreaterThan(moved(90_000, 190_000, 12).weight());
        assertThat(Weight.setAside(1, 2)).isGreaterThan(Weight.setAside(498, 1));
        assertThat(Weight.setAside(5, 1)).isGreaterThan(Weight.setAside(1, 1));
        assertThat(Weight.gone(2)).isGreaterThan(Weight.gone(1));
        assertThat(dearest).isEqualTo(8_999_900L * 12);
    }

    @Test
    void aMoveWeighsByTheTiersItTouches() {
        assertThat(moved(10000, 10500, 3).weight()).isEqualTo(1500);
        assertThat(moved(10500, 10000, 3).weight()).isEqualTo(1500);
    }

    @ParameterizedTest
    @CsvSource({"11490, 10000, -1", "11500, 10000, 150", "20000, 10000, 1000", "9000, 10000, -1"})
    void aPremiumIsAskedAboutFromFifteenPerCentOn(long now, long suggested, int permille) {
        assertThat(Weight.highPremium(eur(now), eur(suggested)))
                .isEqualTo(permille < 0 ? OptionalInt.empty() : OptionalInt.of(permille));
    }

    @Test
    void ofAPremiumATenthWeighs() {
        assertThat(Weight.premium(eur(12000), eur(10000), 2)).isEqualTo(400);
    }
}
