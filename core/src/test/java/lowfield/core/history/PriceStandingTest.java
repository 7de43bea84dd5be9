package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PriceStandingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 3);
    private static final Optional<Long> NONE = Optional.empty();

    private static TreeMap<LocalDate, Long> days(Map<Integer, Long> daysAgo) {
        var days = new TreeMap<LocalDate, Long>();
        daysAgo.forEach((ago, price) -> days.put(TODAY.minusDays(ago), price));
        return days;
    }

    @Test
    void tellsTheLowestOfNinetyDaysAndTheYearsRange() {
        var standing = PriceStanding.of(
                days(Map.of(0, 12000L, 89, 10000L, 90, 9000L, 364, 8000L, 366, 7000L)), TODAY, Optional.of(10000L));
        assertThat(standing.now()).contains(12000L);
        assertThat(standing.lowest90()).contains(10000L);
        assertThat(standing.lowest90On()).contains(TODAY.minusDays(89));
        assertThat(standing.yearLow()).contains(8000L);
        assertThat(standing.yearHigh()).contains(12000L);
        assertThat(standing.permilleOfYear()).contains(1000);
        assertThat(standing.premiumPermille()).contains(200);
    }

    @Test
    void aPriceOfLongAgoIsNotTodays() {
        var standing = PriceStanding.of(days(Map.of(30, 12000L)), TODAY, Optional.of(10000L));
        assertThat(standing.now()).isEmpty();
        assertThat(standing.premiumPermille()).isEmpty();
        assertThat(standing.lowest90()).contains(12000L);
    }

    @Test
    void withoutASuggestedPriceThePremiumIsNotKnown() {
        assertThat(PriceStanding.of(days(Map.of(0, 12000L)), TODAY, NONE).premiumPermille())
                .isEmpty();
        assertThat(PriceStanding.of(new TreeMap<>(), TODAY, NONE).now()).isEmpty();
    }

    @Test
    void aPriceThatNeverMovedStandsNowhere() {
        assertThat(PriceStanding.of(days(Map.of(0, 5000L, 20, 5000L)), TODAY, NONE)
                        .permilleOfYear())
                .isEmpty();
    }

    @Test
    void whatIsAheadIsNotKnownYet() {
        assertThat(PriceStanding.of(days(Map.of(-1, 5000L)), TODAY, NONE).now()).isEmpty();
    }
}
