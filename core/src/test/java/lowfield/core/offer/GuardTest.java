package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GuardTest {
    @ParameterizedTest
    @CsvSource({
        "10000, 6499, false",
        "10000, 6500, true",
        "10000, 10000, true",
        "10000, 16000, true",
        "10000, 16001, false",
        "10000, 1000000, false",
        "6190, 619, false",
        "1, 1, true"
    })
    void setsAsideOutside65To160PercentOfTheLastAccepted(long last, long seen, boolean accepted) {
        var judged = Guard.USUAL.judge(Optional.of(Money.of(last, "EUR")), Money.of(seen, "EUR"));
        assertThat(judged.accepted()).isEqualTo(accepted);
    }

    @Test
    void saysWhy() {
        var judged = Guard.USUAL.judge(Optional.of(Money.of(6190, "EUR")), Money.of(619, "EUR"));
        assertThat(judged.why()).isEqualTo("6.19 EUR is under 65% of the last accepted 61.90 EUR");
    }

    @Test
    void acceptsTheFirstPrice() {
        assertThat(Guard.USUAL.judge(Optional.empty(), Money.of(1, "EUR")).accepted())
                .isTrue();
    }
}
