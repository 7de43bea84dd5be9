package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GtinTest {
    @ParameterizedTest
    @CsvSource({
        "01234565, true",
        "012345678905, true",
        "00012345678905, true",
        "1234567, false",
        "123456789012345, false",
        "00000000, false",
        "0123456x, false",
        "'', false",
        "' 1234565', false"
    })
    void isEightToFourteenDigitsAndNotAllOfThemZero(String written, boolean isOne) {
        assertThat(Gtin.isOne(written)).isEqualTo(isOne);
    }

    @ParameterizedTest
    @CsvSource({"012345678905, 12345678905", "0 12345-678905, 12345678905", "00000000, ''", "none, ''"})
    void zerosBeforeItAndMarksInItSayNothing(String written, String digits) {
        assertThat(new Gtin(written)).isEqualTo(new Gtin(digits));
        assertThat(new Gtin(written).digits()).isEqualTo(digits);
    }
}
