package lowfield.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lowfield.core.proofreading.guard.Lesson;
import org.junit.jupiter.api.Test;

/** What is learned from lessons whose truth is known. */
class GuardLearnerTest {
    private static GuardLessons.Known lesson(
            boolean isData, List<String> right, List<String> other, List<String> aside) {
        return new GuardLessons.Known(
                new Lesson(0, 4, List.of(new Lesson.Sense(true, right), new Lesson.Sense(false, other)), aside),
                isData);
    }

    @Test
    void aClueThatIsSeenWithWhatIsMeantSpeaksForIt() {
        var lessons = new ArrayList<GuardLessons.Known>();
        var random = new Random(7);
        for (var i = 0; i < 60; i++) {
            var chance = "chance " + random.nextInt(2);
            lessons.add(lesson(true, List.of("named", chance), List.of("far", chance), List.of("aside")));
            lessons.add(lesson(false, List.of("far", chance), List.of("far"), List.of("aside", "aside around kettle")));
        }
        var weights = GuardLearner.learn(lessons).byClue();
        assertThat(weights.get("named")).isPositive();
        assertThat(weights.get("far")).isNegative();
        assertThat(weights.get("aside around kettle")).isPositive();
        assertThat(Math.abs(weights.getOrDefault("chance 0", 0.0))).isLessThan(weights.get("named") / 2);
    }

    @Test
    void theSameLessonsGiveTheSameWeights() {
        var lessons = List.of(
                lesson(true, List.of("a", "b"), List.of("c"), List.of("d")),
                lesson(false, List.of("a"), List.of("b", "c"), List.of("d")));
        assertThat(GuardLearner.learn(lessons)).isEqualTo(GuardLearner.learn(lessons));
    }

    @Test
    void whatIsSeenOnceTeachesNothing() {
        var lessons = List.of(
                lesson(true, List.of("often"), List.of("once"), List.of("aside")),
                lesson(true, List.of("often"), List.of("other"), List.of("aside")));
        assertThat(GuardLearner.learn(lessons).byClue()).containsKey("often").doesNotContainKeys("once", "other");
    }
}
