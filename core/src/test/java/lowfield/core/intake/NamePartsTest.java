package lowfield.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a page's name of a part is taken apart. */
class NamePartsTest {
    private static final List<String> KNOWN = List.of("Merrowby", "North", "North Pier");

    @ParameterizedTest
    @CsvSource(delimiter = '|', emptyValue = "", nullValues = "-", textBlock = """
            Merrowby Vane Five 8 GB, black   | ''       | Merrowby   | Vane Five 8 GB            | black | true
            MERROWBY Vane Five               | ''       | MERROWBY   | Vane Five                 | ''    | true
            North Pier Tower 120             | ''       | North Pier | Tower 120                 | ''    | true
            Kelder 550 Gold                  | ''       | Kelder     | 550 Gold                  | ''    | true
            Kelder 550 Gold                  | Kelder   | Kelder     | 550 Gold                  | ''    | false
            Ridge 650 W, 80 PLUS, white      | Kelder   | Kelder     | Ridge 650 W, 80 PLUS      | white | false
            Ridge                            | ''       | ''         | Ridge                     | ''    | false
            Kelder                           | Kelder   | Kelder     | Kelder                    | ''    | false
            Kelderby 500                     | Kelder   | Kelder     | Kelderby 500              | ''    | false
            Beck, a drive for many years of use in a desk | Drumlin | Drumlin | Beck, a drive for many years of use in a desk | '' | false
            Beck,                            | Drumlin  | Drumlin    | Beck,                     | ''    | false
            """)
    void aNameIsTakenApart(
            String name, String stated, String maker, String product, String version, boolean isProposed) {
        assertThat(NameParts.of(name, stated, KNOWN)).isEqualTo(new NameParts(maker, product, version, isProposed));
    }
}
