package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoubtsTest {
    /** Prices are written as their shop's letter and a number. */
    private static List<List<String>> questions(String... waiting) {
        return Doubts.questions(List.of(waiting), p -> p.charAt(0));
    }

    @Test
    void aFewPricesOfAShopAreAskedAboutOneByOne() {
        assertThat(questions("f1", "b1", "f2")).containsExactly(List.of("f1"), List.of("f2"), List.of("b1"));
        assertThat(questions()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"4, 4", "5, 1", "6, 1"})
    void fromFiveOnTheyAreOneQuestion(int prices, int questions) {
        var waiting = java.util.stream.IntStream.range(0, prices)
                .mapToObj(i -> "f" + i)
                .toArray(String[]::new);
        assertThat(questions(waiting)).hasSize(questions);
        assertThat(questions(waiting).stream().flatMap(List::stream)).containsExactly(waiting);
    }

    @Test
    void aShopInDoubtLeavesTheOthersAlone() {
        assertThat(questions("f1", "f2", "b1", "f3", "f4", "f5"))
                .containsExactly(List.of("f1", "f2", "f3", "f4", "f5"), List.of("b1"));
    }
}
