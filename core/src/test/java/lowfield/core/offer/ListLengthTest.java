package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ListLengthTest {
    @ParameterizedTest
    @CsvSource({"600, 1000, false", "599, 1000, true", "0, 1, true", "0, 0, false", "3, 2, false", "3, 5, false"})
    void aListWithUnderThreeFifthsOfWhatItHadIsBroken(int lines, int before, boolean isCutShort) {
        assertThat(new ListLength(lines, before).isCutShort()).isEqualTo(isCutShort);
    }
}
