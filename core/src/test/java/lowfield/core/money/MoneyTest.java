package lowfield.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoneyTest {
    private static final Currency EUR = Currency.getInstance("EUR");

    @Test
    void sumsAreExactWhateverTheOrder() {
        var random = new Random(7);
        for (int round = 0; round < 200; round++) {
            var sums = random.longs(20, -1_000_000, 1_000_000)
                    .mapToObj(m -> new Money(m, EUR))
                    .toList();
            var backwards = new java.util.ArrayList<>(sums);
            java.util.Collections.reverse(backwards);
            var expected = LongStream.of(sums.stream().mapToLong(Money::minor).toArray())
                    .sum();
            assertThat(Money.sum(sums, EUR))
                    .isEqualTo(Money.sum(backwards, EUR))
                    .isEqualTo(new Money(expected, EUR));
        }
    }

    @ParameterizedTest
    @CsvSource({"1, EUR", "1000000000, EUR", "10000000, JPY"})
    void aPriceIsAboveNothingAndNotTooLong(long minor, String currency) {
        assertThat(Money.price(minor, currency)).isEqualTo(Money.of(minor, currency));
    }

    @ParameterizedTest
    @CsvSource({
        "0, EUR, more than nothing",
        "-1, EUR, more than nothing",
        "1000000001, EUR, longer than any price",
        "9223372036854775807, EUR, longer than any price",
        "10000001, JPY, longer than any price",
        "100, QQQ, not an ISO 4217 currency"
    })
    void whatIsNoPriceIsTold(long minor, String currency, String why) {
        assertThatThrownBy(() -> Money.price(minor, currency))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(why);
    }

    @Test
    void twoCurrenciesDoNotAdd() {
        assertThatThrownBy(() -> Money.of(100, "EUR").plus(Money.of(100, "SEK")))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("convert one of them first");
    }

    @Test
    void overflowIsAnErrorAndNotAWrongSum() {
        assertThatThrownBy(() -> Money.of(Long.MAX_VALUE, "EUR").plus(Money.of(1, "EUR")))
                .isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @CsvSource({"124000, 980, 121520", "124000, 1020, 126480", "25, 20, 0", "75, 20, 2", "125, 20, 2", "175, 20, 4"})
    void sharesRoundHalfEven(long minor, long permille, long expected) {
        assertThat(Money.of(minor, "EUR").permille(permille).minor()).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"309, EUR, 30900", "309.5, EUR, 30950", "-4.90, EUR, -490", "1500, JPY, 1500"})
    void readsMajorUnits(BigDecimal major, String currency, long minor) {
        assertThat(Money.ofMajor(major, Money.currencyOf(currency)).minor()).isEqualTo(minor);
    }

    @ParameterizedTest
    @ValueSource(strings = {"10000000.01", "1e30", "-99999999999999999999999", "0.001"})
    void refusesOverLongAndTooFineFigures(BigDecimal figure) {
        assertThatThrownBy(() -> Money.ofMajor(figure, EUR))
                .isInstanceOf(RuleBroken.class)
                .hasMessageMatching(".*(longer|decimals).*");
    }

    @ParameterizedTest
    @CsvSource({"309.125, EUR, with 2 at most", "48000.5, JPY, with none", "1.2345, KWD, with 3 at most"})
    void saysHowManyDecimalsACurrencyHas(BigDecimal figure, String currency, String how) {
        assertThatThrownBy(() -> Money.ofMajor(figure, Currency.getInstance(currency)))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("more decimals than " + currency + " has; write it " + how);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "euro", "XXQ", "eur", "a very long word that is no currency"})
    void refusesWhatIsNoCurrency(String code) {
        assertThatThrownBy(() -> Money.currencyOf(code))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("ISO 4217");
    }

    @Test
    void isWrittenWithItsCurrency() {
        assertThat(List.of(Money.of(126480, "EUR"), Money.of(-5, "EUR"), Money.of(1500, "JPY")))
                .map(Money::toString)
                .containsExactly("1,264.80 EUR", "-0.05 EUR", "1,500 JPY");
    }

    @ParameterizedTest
    @CsvSource({
        "EUR, 28600, 29000",
        "EUR, 28500, 29000",
        "EUR, 28499, 28000",
        "EUR, 400, 0",
        "EUR, -1600, -2000",
        "JPY, 1504, 1500"
    })
    void toTheNearestTenOfTheMajorUnit(String currency, long minor, long tens) {
        assertThat(Money.of(minor, currency).toTens()).isEqualTo(Money.of(tens, currency));
    }

    @Test
    void whatIsNotKnownCarriesItsBlameThroughSums() {
        var sum = Amount.of(Money.of(100, "EUR")).plus(Amount.notKnown("board")).plus(Amount.notKnown("case"));
        assertThat(sum.known()).isEmpty();
        assertThat(sum.blame()).containsExactly("board", "case");
        assertThat(Amount.of(Money.of(100, "EUR")).minus(Amount.of(Money.of(30, "EUR"))))
                .isEqualTo(Amount.of(Money.of(70, "EUR")));
    }
}
