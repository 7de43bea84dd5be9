package lowfield.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Changes in per cent. */
class PercentTest {
    @ParameterizedTest
    @CsvSource({"7.46, 1, +7.5%", "-20, 0, −20%", "-2.14, 1, −2.1%", "0, 0, +0%", "1234.5, 1, +1234.5%"})
    void haveTheirSignBeforeThem(double percent, int decimals, String said) {
        assertThat(Percent.signed(percent, decimals)).isEqualTo(said);
    }
}
