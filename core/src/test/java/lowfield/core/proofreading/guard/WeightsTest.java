package lowfield.core.proofreading.guard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.proofreading.Subject;
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

    /** Clues that were renamed and not learned again would say nothing, and nobody would notice. */
    @Test
    void thoseThatAreShippedSayWhatWasLearned() {
        var shipped = Weights.shipped().byClue();
        assertThat(shipped.get("own NAMED")).isPositive();
        assertThat(shipped.get("own never named")).isNegative();
        assertThat(shipped).containsKeys("aside", "build named", "told beside", "difference next more");
        assertThat(Link.values()).allSatisfy(link -> assertThat(shipped).containsKey("own " + link));
        assertThat(Subject.Role.values())
                .allSatisfy(
                        role -> assertThat(shipped.keySet()).anyMatch(clue -> clue.startsWith("own " + role + " ")));
        assertThat(Mention.Sort.values())
                .allSatisfy(sort -> assertThat(shipped.keySet())
                        .anyMatch(clue -> clue.startsWith("own clause this " + sort + " ")));
    }
}
