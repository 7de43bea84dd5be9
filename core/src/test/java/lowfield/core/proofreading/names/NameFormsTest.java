package lowfield.core.proofreading.names;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a text calls a part. */
class NameFormsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Merrowby Vane Five 8 GB | Merrowby Vane Five 8 GB;Vane Five 8 GB;Five 8 GB;Vane Five;Vane",
                "Merrowby Mica Six | Merrowby Mica Six;Mica Six;Mica",
                "Pellan Slate 2 x 8 GB DDR5-5600 | Pellan Slate 2 x 8 GB DDR5-5600;Slate 2 x 8 GB DDR5-5600;Slate",
                "Drumlin Beck 1 TB | Drumlin Beck 1 TB;Beck 1 TB;Beck",
                "Kelder 550 Gold | Kelder 550 Gold;550 Gold;Gold",
                "Stillmoor Low | Stillmoor Low;Low",
                "Drumlin Rill M.2 | Drumlin Rill M.2;Rill M.2;Rill",
            })
    void aNameHasShorterForms(String name, String forms) {
        assertThat(String.join(";", NameForms.of(name))).isEqualTo(forms);
    }
}
