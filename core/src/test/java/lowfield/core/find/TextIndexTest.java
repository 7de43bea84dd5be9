package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed, and the parts in which it is found. */
class TextIndexTest {
    private static final List<String> SHELF = List.of(
            "Drumlin Burn 1 TB, M.2 2280, 7000 MB/s",
            "Drumlin Burn 2 TB, M.2 2280, 7000 MB/s",
            "Drumlin Beck 512 GB, 2.5 inch",
            "Pellan Slate 2x16GB DDR5-5600 CL36",
            "Pellan Slate 2 x 8 GB DDR5-5600 CL40");

    @ParameterizedTest
    @CsvSource({
        "burn 2 tb, 1",
        "burn 2tb, 1",
        "2TB burn, 1",
        "burn 1 tb, 0",
        "12 gb, ''",
        "16gb, 3",
        "16 GB slate, 3",
        "8gb, 4",
        "burn 2, '0,1'",
        "burn 2 t, '0,1'",
        "slate, '3,4'",
        "slaet, '3,4'",
        "5600, '3,4'",
        "512, 2",
        "gb, '2,3,4'"
    })
    void aNumberWithItsUnitIsFoundOnlyAsThat(String text, String rows) {
        var found = new TextIndex(SHELF)
                .find(text).stream().mapToObj(Integer::toString).toList();
        assertThat(String.join(",", found)).isEqualTo(rows);
    }
}
