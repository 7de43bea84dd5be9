package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.PublishedAdvice;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a reader with more money, or less, is told. */
class MoreTest {
    private static final Wording WORDS =
            new Wording(Locale.forLanguageTag("en-150"), ZoneId.of("CET"), Currency.getInstance("EUR"));

    private static List<String> list(String words) {
        return words.isEmpty() ? List.of() : Arrays.asList(words.split("; "));
    }

    @ParameterizedTest
    @CsvSource({
        "'12 cores instead of 6; 24 threads instead of 12', '', '12 cores instead of 6, 24 threads instead of 12.'",
        "12 cores instead of 6, 4000 MHz instead of 5000 MHz, '12 cores instead of 6, but 4000 MHz instead of 5000 MHz.'",
        "'', 37 dB instead of 33 dB, But 37 dB instead of 33 dB.",
    })
    void withMoreMoneyWhatIsGivenUpStandsBehindWhatIsGained(String gains, String losses, String told) {
        assertThat(advice(5_000, gains, losses)).endsWith(". " + told);
    }

    @ParameterizedTest
    @CsvSource({"6 GB instead of 12 GB, ' 6 GB instead of 12 GB.'", "'', ''"})
    void toSaveMoneyOnlyWhatIsGivenUpIsTold(String losses, String told) {
        assertThat(advice(-5_000, "", losses)).startsWith("Another card").endsWith(")." + told);
    }

    private static String advice(long limit, String gains, String losses) {
        return More.advice(
                        new PublishedAdvice(
                                Money.of(limit, "EUR"),
                                List.of("another card"),
                                new Cell.Exact(Money.of(limit, "EUR")),
                                list(gains),
                                list(losses)),
                        WORDS)
                .what();
    }
}
