package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import lowfield.core.money.Money;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GoingPriceTest {
    @ParameterizedTest
    @CsvSource(
            nullValues = "none",
            value = {
                "none, none",
                "100 EUR, 100",
                "120 EUR;100 EUR, 120",
                "300 EUR;100 EUR;120 EUR, 120",
                "100 EUR;1 SEK;2 SEK, 100",
                "100 SEK, none"
            })
    void isTheMiddleOfThoseInTheCurrency(String asked, Long going) {
        var prices = asked == null
                ? java.util.List.<Money>of()
                : Arrays.stream(asked.split(";"))
                        .map(p -> p.split(" "))
                        .map(p -> Money.of(Long.parseLong(p[0]), p[1]))
                        .toList();
        assertThat(GoingPrice.of(prices, Money.currencyOf("EUR"))
                        .map(Money::minor)
                        .orElse(null))
                .isEqualTo(going);
    }
}
