package lowfield.core.proofreading.guard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What clues are worth, and how that is kept. */
class WeightsTest {
    @Test
    void whatWasNeverLearnedSaysNothing() {
        var weights = new Weights(Map.of("own NAMED", 1.5, "aside", -0.5));
        assertThat(weights.of(List.of("own NAMED", "aside", "own seen never"))).isEqualTo(1.0);
        assertThat(weights.of(List.of())).isZero();
    }

    @Test
    void theyAreKeptAsTextInTheOrderOfTheAlphabet() {
        var weights = new Weights(Map.of("own next :", 0.25, "aside", -1.0));
        assertThat(weights.text()).isEqualTo("aside=-1.000\nown\\ next\\ \\:=0.250\n");
    }
}
