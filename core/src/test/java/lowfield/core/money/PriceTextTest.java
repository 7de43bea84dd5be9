package lowfield.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PriceTextTest {
    private static final Currency EUR = Currency.getInstance("EUR");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "KWD 1.250 | KWD | 1.250",
                "1,250.500 | KWD | 1250.500",
                "12.5 | KWD | 12.5",
                "1,250 | JPY | 1250",
                "309.00 | JPY | 309.00",
                "1,250 | EUR | 1250"
            })
    void howManyDecimalsThereCanBeIsTheCurrencys(String text, String currency, BigDecimal figure) {
        assertThat(PriceText.parse(text, Currency.getInstance(currency))).contains(figure);
    }

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
        assertThat(PriceText.parse(text, EUR)).contains(figure);
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
        assertThat(PriceText.parse(text, EUR)).isEmpty();
    }

    @Test
    void readsBackWhatEitherNotationWrites() {
        var random = new Random(11);
        for (int i = 0; i < 500; i++) {
            var minor = random.nextLong(0, 1_000_000_000L);
            var point = String.format(java.util.Locale.ROOT, "%,.2f", BigDecimal.valueOf(minor, 2));
            var comma = point.replace(',', '_').replace('.', ',').replace('_', '.');
            assertThat(PriceText.parse(point, EUR)).as(point).contains(BigDecimal.valueOf(minor, 2));
            assertThat(PriceText.parse(comma, EUR)).as(comma).contains(BigDecimal.valueOf(minor, 2));
        }
    }
}
