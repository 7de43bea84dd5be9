package lowfield.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

class GivenAnswersTest {
    private static final String WORDS = "The rooms have antennas.";

    private final List<Finding> findings = Checks.on(TestBuild.sound()
            .with(Slot.MOTHERBOARD, "radio", true)
            .with(Slot.MOTHERBOARD, "antennas", false)
            .build());
    private final Finding caution = findings.stream()
            .filter(f -> f.check().id().equals("antennas"))
            .findFirst()
            .orElseThrow();

    @Test
    void anAnswerIsKnownByItsFinding() {
        var given = new GivenAnswers(Map.of(caution.fingerprint(), WORDS), Map.of());
        assertThat(given.to(caution, findings)).contains(new GivenAnswers.Answer(WORDS, false));
        assertThat(findings).filteredOn(f -> given.to(f, findings).isPresent()).containsExactly(caution);
    }

    /** From before: where exactly one finding of the check stands, the answer is carried over. */
    @Test
    void anEarlierAnswerIsCarriedOverToTheOnlyOne() {
        var given = new GivenAnswers(Map.of(), Map.of("antennas", List.of(WORDS)));
        assertThat(given.to(caution, findings)).contains(new GivenAnswers.Answer(WORDS, true));
        assertThat(given.earlierTo(caution, findings)).isEmpty();
    }

    @Test
    void severalAreShownAndNoneIsCarriedOver() {
        var given = new GivenAnswers(Map.of(), Map.of("antennas", List.of(WORDS, "Another.")));
        assertThat(given.to(caution, findings)).isEmpty();
        assertThat(given.earlierTo(caution, findings)).containsExactly(WORDS, "Another.");
        var two = new java.util.ArrayList<>(findings);
        two.add(caution);
        var one = new GivenAnswers(Map.of(), Map.of("antennas", List.of(WORDS)));
        assertThat(one.to(caution, two)).isEmpty();
        assertThat(one.earlierTo(caution, two)).containsExactly(WORDS);
    }

    @Test
    void whatFitsAndWhatClashesIsNotAnswered() {
        assertThat(findings).filteredOn(f -> f.verdict() == Verdict.FITS).noneMatch(GivenAnswers::isAnswerable);
        var clash = TestBuild.sound()
                .with(Slot.PROCESSOR, "socket", "Fen")
                .of("socket")
                .get(0);
        assertThat(GivenAnswers.isAnswerable(clash)).isFalse();
    }
}
