package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

class DriftTest {
    private static List<Drift.Point> totals(long... euro) {
        return Arrays.stream(euro)
                .mapToObj(
                        e -> new Drift.Point(Money.of(e * 100, "EUR"), Money.of(84000, "EUR"), Money.of(92000, "EUR")))
                .toList();
    }

    @Test
    void threeEditionsOnOneSideAreADrift() {
        var drift = Drift.of(totals(880, 930, 941, 938)).orElseThrow();
        assertThat(drift.over()).isTrue();
        assertThat(drift.editions()).isEqualTo(3);
        assertThat(drift.sentence())
                .contains("In 3 editions running it was over")
                .contains("940.00 EUR");
    }

    @Test
    void twoAreNotNorIsOneThatCameBack() {
        assertThat(Drift.of(totals(880, 930, 941))).isEmpty();
        assertThat(Drift.of(totals(930, 941, 938, 900))).isEmpty();
        assertThat(Drift.of(totals(930, 941, 800))).isEmpty();
        assertThat(Drift.of(List.of())).isEmpty();
    }

    @Test
    void belowCountsLikeAbove() {
        assertThat(Drift.of(totals(800, 790, 810)).orElseThrow().sentence()).contains("under its band");
    }
}
