package lowfield.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReviewsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    private static SoftFact review(int hundredths, int outOf, int count, String source) {
        return new SoftFact(SoftFact.Form.REVIEW, Optional.of(new Score(hundredths, outOf, count)), "", source, DAY);
    }

    @Test
    void eachSourceWeighsAsManyReviewsAsItCounts() {
        // 4.5 of 5 is 90%, over 100; 60 of 100 is 60%, over 20: (90 * 100 + 60 * 20) / 120 = 85.
        var reviews = Reviews.of(List.of(review(450, 5, 100, "Ferrowby"), review(6000, 100, 20, "The Bench Weekly")))
                .orElseThrow();
        assertThat(reviews).isEqualTo(new Reviews(85, 120, 2));
        assertThat(reviews.said()).isEqualTo("85% over 120 reviews from 2 sources");
    }

    @Test
    void aPartWithoutReviewsHasNone() {
        var owned = new SoftFact(SoftFact.Form.OWNED, Optional.empty(), "quiet for two years", "", DAY);
        assertThat(Reviews.of(List.of())).isEmpty();
        assertThat(Reviews.of(List.of(owned))).isEmpty();
        assertThat(Reviews.of(List.of(owned, review(80, 1, 1, "A. Reader")))
                        .orElseThrow()
                        .said())
                .isEqualTo("80% over 1 review from 1 source");
    }

    @Test
    void theWholeLiesBetweenTheLeastAndTheBest() {
        var random = new Random(20261201);
        for (int round = 0; round < 500; round++) {
            var facts = new ArrayList<SoftFact>();
            for (int i = 0; i <= random.nextInt(6); i++) {
                var best = 1 + random.nextInt(100);
                facts.add(review(random.nextInt(best * 100 + 1), best, 1 + random.nextInt(5000), "source " + i));
            }
            var shares = facts.stream()
                    .map(f -> 100 * f.score().orElseThrow().share())
                    .sorted()
                    .toList();
            var whole = Reviews.of(facts).orElseThrow();
            assertThat((double) whole.percent()).isBetween(shares.get(0) - 0.5, shares.get(shares.size() - 1) + 0.5);
            assertThat(whole.sources()).isEqualTo(facts.size());
        }
    }

    @ParameterizedTest
    @CsvSource({"501, 5, 1", "-1, 5, 1", "1, 0, 1", "1, 101, 1", "1, 5, 0", "1, 5, 1000001"})
    void aScoreOutsideItsScaleIsNone(int hundredths, int outOf, int count) {
        assertThatThrownBy(() -> new Score(hundredths, outOf, count)).isInstanceOf(lowfield.core.RuleBroken.class);
    }

    @ParameterizedTest
    @CsvSource({
        "REVIEW, , Ferrowby, 2026-12-01, A review has a score.",
        "OTHER, , Ferrowby, 2026-12-01, Say what is said of it.",
        "OTHER, coil whine, , 2026-12-01, Say who says so: a source is missing.",
        "OWNED, , , 1999-12-31, The day 1999-12-31 is too long ago."
    })
    void whatIsHalfSaidIsNotTaken(SoftFact.Form form, String words, String source, LocalDate on, String why) {
        assertThatThrownBy(() -> new SoftFact(
                        form,
                        Optional.empty(),
                        Optional.ofNullable(words).orElse(""),
                        Optional.ofNullable(source).orElse(""),
                        on))
                .hasMessage(why);
    }

    @Test
    void onlyAReviewHasAScore() {
        var score = Optional.of(new Score(400, 5, 12));
        assertThatThrownBy(() -> new SoftFact(SoftFact.Form.BUILT_WITH, score, "", "", DAY))
                .hasMessage("Only a review has a score.");
    }
}
