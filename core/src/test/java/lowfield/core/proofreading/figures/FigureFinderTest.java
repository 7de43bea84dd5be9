package lowfield.core.proofreading.figures;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which words of a text are figures, and what a count counts. */
class FigureFinderTest {
    private static final FigureFinder FIGURES =
            FigureFinder.of(Locale.forLanguageTag("en-IE"), Currency.getInstance("EUR"));

    private static String counted(String text) {
        return FIGURES.in(text).stream()
                .filter(f -> f.dimension() == Dimension.COUNT)
                .map(f -> f.middle().stripTrailingZeros().toPlainString() + " " + f.noun())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It has six SATA ports. | 6 sata ports",
                "It has two big bays and three small bays. | 2 big bays; 3 small bays",
                "You need two plugs with eight pins for it. | 2 plugs with eight pins",
                "It has four SATA ports; the Keel has six. | 4 sata ports; 6 sata ports",
                "The Keel has 4 SATA ports, and the Quay has six of them. | 4 sata ports; 6 sata ports",
                "It has 4 SATA ports; two of them are hard to reach. | 4 sata ports",
                "Eight of them wrote to me. | ''",
                "I counted six, and read eight pages. | ''",
            })
    void aCountIsReadWithWhatItCounts(String text, String counted) {
        assertThat(counted(text)).isEqualTo(counted);
    }
}
