package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import lowfield.server.archive.Published;
import lowfield.server.guide.BandForm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures as readers of different guides read them. */
class WordingTest {
    private static Wording in(String language, String currency) {
        return new Wording(Locale.forLanguageTag(language), ZoneId.of("CET"), Currency.getInstance(currency));
    }

    @ParameterizedTest
    @CsvSource({
        "en-150, EUR, 123450, '1,234.50'",
        "de,     EUR, 123450, '1.234,50'",
        "en-150, EUR, 5,      0.05",
        "en-150, JPY, 123450, '123,450'",
        "en-150, KWD, 123450, 123.450",
        "en-150, EUR, ,       not known",
    })
    void aSumHasItsCurrencysDigitsAndItsLanguagesMarks(String language, String currency, Long minor, String said) {
        assertThat(in(language, currency).money(minor)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"360, +3.60", "-360, −3.60", "0, ±0.00", ", ''"})
    void aDifferenceHasItsSign(Long minor, String said) {
        assertThat(in("en-150", "EUR").signed(minor)).isEqualTo(said);
    }

    @Test
    void anEstimateIsSaidShortOrWhole() {
        var words = in("en-150", "EUR");
        var estimated = new Published.Estimated(95114, 103385, 111656, null);
        assertThat(words.about(null, estimated)).isEqualTo("about 1,033.85");
        assertThat(words.range(estimated)).isEqualTo("951.14 to 1,116.56");
        assertThat(words.money(null, estimated)).isEqualTo("about 1,033.85, 951.14 to 1,116.56");
        assertThat(words.about(5000L, null)).isEqualTo("50.00");
        assertThat(words.range(null)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "NONE,    ,      ,      ,       ,    no ceiling",
        "FROM_TO, 54000, 58000, ,       ,    540.00 to 580.00",
        "POINT,   ,      ,      90000,  50,  900.00 ±5%",
        "POINT,   ,      ,      90000,  25,  900.00 ±2.5%",
        "POINT,   ,      ,      90000,  100, 900.00 ±10%",
    })
    void aBandIsSaid(BandForm.Type type, Long from, Long to, Long point, Integer tolerance, String said) {
        assertThat(in("en-150", "EUR").band(new BandForm(type, from, to, point, tolerance)))
                .isEqualTo(said);
    }

    @Test
    void aDayIsTheGuidesOwn() {
        var words = in("en-150", "EUR");
        assertThat(words.date(Instant.parse("2026-12-03T23:30:00Z"))).isEqualTo("4 December 2026");
        assertThat(words.date(null)).isEmpty();
        assertThat(words.month(LocalDate.of(2026, 12, 1))).isEqualTo("December 2026");
        assertThat(in("de", "EUR").month(LocalDate.of(2027, 3, 1))).isEqualTo("März 2027");
        assertThat(words.index(1034)).isEqualTo("103.4");
    }
}
