package lowfield.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PriceTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "309.00 | 309.00",
                "309,00 € | 309.00",
                "EUR 1.264,80 | 1264.80",
                "1,264.80 | 1264.80",
                "1 264,80 kr | 1264.80",
                "1.264 | 1264",
                "1,264 | 1264",
                "12.5 | 12.5",
                "0 | 0",
                "-4,90 | -4.90",
                "1'234.50 | 1234.50",
                "2.345.678,90 | 2345678.90",
                "79,- | 79"
            })
    void readsLocalNotation(String text, BigDecimal figure) {
        assertThat(PriceText.parse(text)).contains(figure);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "free",
                "1.2.3",
                "12,34,56",
                "309 or 299",
                "1.264.80.1",
                "12345678901234567890123456789012345678901"
            })
    void refusesWhatCanBeReadInNoOrTwoWays(String text) {
        assertThat(PriceText.parse(text)).isEmpty();
    }

    @Test
    void readsBackWhatEitherNotationWrites() {
        var random = new Random(11);
        for (int i = 0; i < 500; i++) {
            var minor = random.nextLong(0, 1_000_000_000L);
            var point = String.format(java.util.Locale.ROOT, "%,.2f", BigDecimal.valueOf(minor, 2));
            var comma = point.replace(',', '_').replace('.', ',').replace('_', '.');
            assertThat(PriceText.parse(point)).as(point).contains(BigDecimal.valueOf(minor, 2));
            assertThat(PriceText.parse(comma)).as(comma).contains(BigDecimal.valueOf(minor, 2));
        }
    }
}
