package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures as readers of different guides read them. */
class WordingTest {
    private static final Wording WORDS = in("en-150", "EUR");

    private static Money euro(long minor) {
        return Money.of(minor, "EUR");
    }

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
    })
    void aSumHasItsCurrencysDigitsAndItsLanguagesMarks(String language, String currency, long minor, String said) {
        assertThat(in(language, currency).money(Money.of(minor, currency))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"360, +3.60", "-360, −3.60", "0, ±0.00"})
    void aDifferenceHasItsSign(long minor, String said) {
        assertThat(WORDS.signed(new Cell.Exact(euro(minor)))).isEqualTo(said);
        assertThat(WORDS.signed(new Cell.Rounded(euro(minor)))).isEqualTo("about " + said);
    }

    @Test
    void aDifferenceThatIsNotToldIsNotSaid() {
        assertThat(WORDS.signed(new Cell.NotKnown())).isEmpty();
        assertThat(WORDS.signed(new Cell.Withheld())).isEmpty();
    }

    @Test
    void anEstimateIsSaidShortOrWhole() {
        var estimated = new Cell.Estimated(euro(95114), euro(103385), euro(111656), Optional.empty());
        assertThat(WORDS.about(estimated)).isEqualTo("about 1,033.85");
        assertThat(WORDS.range(estimated)).isEqualTo("951.14 to 1,116.56");
        assertThat(WORDS.whole(estimated)).isEqualTo("about 1,033.85, 951.14 to 1,116.56");
    }

    @Test
    void everyOtherCellHasItsWords() {
        assertThat(WORDS.whole(new Cell.Exact(euro(5000)))).isEqualTo("50.00");
        assertThat(WORDS.whole(new Cell.Rounded(euro(5000)))).isEqualTo("about 50.00");
        assertThat(WORDS.whole(new Cell.Withheld())).isEqualTo("see the shop");
        assertThat(WORDS.whole(new Cell.NotKnown())).isEqualTo("not known");
        assertThat(WORDS.range(new Cell.Exact(euro(5000)))).isEmpty();
    }

    @Test
    void aBandIsSaid() {
        assertThat(WORDS.band(new Band.None())).isEqualTo("no ceiling");
        assertThat(WORDS.band(new Band.FromTo(euro(54000), euro(58000)))).isEqualTo("540.00 to 580.00");
    }

    @ParameterizedTest
    @CsvSource({"50, 900.00 ±5%", "25, 900.00 ±2.5%", "100, 900.00 ±10%"})
    void aPriceHasItsTolerance(int tolerance, String said) {
        assertThat(WORDS.band(new Band.Point(euro(90000), tolerance))).isEqualTo(said);
    }

    @Test
    void aDayIsTheGuidesOwn() {
        var words = in("en-150", "EUR");
        assertThat(words.date(Instant.parse("2026-12-03T23:30:00Z"))).isEqualTo("4 December 2026");
        assertThat(words.month(LocalDate.of(2026, 12, 1))).isEqualTo("December 2026");
        assertThat(in("de", "EUR").month(LocalDate.of(2027, 3, 1))).isEqualTo("März 2027");
        assertThat(words.index(1034)).isEqualTo("103.4");
    }

    /** Whatever this Java calls short: published pages are compared with what was published by another. */
    @ParameterizedTest
    @CsvSource({"en, 1 Sep 2025", "en-IE, 1 Sep 2025", "en-GB, 1 Sep 2025", "de, 1 Sept. 2025"})
    void aDayHasAShortMonth(String language, String said) {
        assertThat(in(language, "EUR").day().format(LocalDate.of(2025, 9, 1))).isEqualTo(said);
    }
}
