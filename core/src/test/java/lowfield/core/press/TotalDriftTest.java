package lowfield.core.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import lowfield.core.money.Money;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two per cent either way, and what is or becomes unknown. */
class TotalDriftTest {
    @ParameterizedTest
    @CsvSource({
        "100000, 100000, false",
        "100000, 102000, false",
        "100000, 102001, true",
        "100000, 98000, false",
        "100000, 97999, true",
        "100000, , true",
        ", 100000, true",
        ", , false",
    })
    void aTotalHasMovedTooFarPastTwoPerCent(Long seen, Long now, boolean tooFar) {
        assertThat(TotalDrift.isTooFar(money(seen, "EUR"), money(now, "EUR"))).isEqualTo(tooFar);
    }

    @ParameterizedTest
    @CsvSource({"EUR, true", "USD, false"})
    void theSameFigureInAnotherCurrencyIsAnotherTotal(String currency, boolean isSame) {
        assertThat(TotalDrift.isTooFar(money(100L, "EUR"), money(100L, currency)))
                .isEqualTo(!isSame);
    }

    private static Optional<Money> money(Long minor, String currency) {
        return Optional.ofNullable(minor).map(m -> Money.of(m, currency));
    }
}
