package lowfield.core.reason;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which sentences speak of the period they were written in. */
class SentencesOfNowTest {
    private static final SentencesOfNow ENGLISH = SentencesOfNow.in(Locale.UK);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Memory is dear this month.",
                "It costs 20 EUR less than last month.",
                "At the moment nobody has it.",
                "As of 4 November it is sold out.",
                "The new cards come in May.",
                "Prices fell from March to October.",
                "A successor is due by January 2027.",
                "THIS MONTH it is cheap."
            })
    void speaksOfNow(String sentence) {
        assertThat(ENGLISH.of(sentence)).containsExactly(sentence);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It may run warm.",
                "Games march on.",
                "The socket lasts for years.",
                "A sound build for 1080p.",
                "Marchbank makes it.",
                ""
            })
    void doesNot(String sentence) {
        assertThat(ENGLISH.of(sentence)).isEmpty();
    }

    @Test
    void onlyTheSentencesThatDoAndEachOnce() {
        assertThat(ENGLISH.of("A quiet build. This month it costs less!\n\nThis month it costs less! It has 16 GB."))
                .containsExactly("This month it costs less!");
    }

    @Test
    void monthsOfTheGuidesLanguageCountToo() {
        assertThat(SentencesOfNow.in(Locale.GERMANY).of("Die Karte kommt 3 Mai."))
                .hasSize(1);
    }

    @Test
    void aLongTextIsReadInBoundedTime() {
        assertThat(ENGLISH.of("1 ".repeat(20_000))).isEmpty();
        assertThat(ENGLISH.of("in ".repeat(13_000))).isEmpty();
    }
}
