package lowfield.core.proofreading.clues;

import static org.assertj.core.api.Assertions.assertThat;

import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.guard.Weights;
import lowfield.core.proofreading.mentions.Mention;
import org.junit.jupiter.api.Test;

/** The clues as they are named, and the weights that are shipped for them. */
class LearnedCluesTest {
    /** Clues that were renamed and not learned again would say nothing, and nobody would notice. */
    @Test
    void whatIsSeenHasLearnedWeights() {
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
