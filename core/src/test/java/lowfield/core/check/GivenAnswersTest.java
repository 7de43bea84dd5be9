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

    /** Given when a fingerprint held only what stands in the sentence's own lines. */
    @Test
    void anAnswerOfBeforeCountsWhereNothingMoreDecided() {
        var given = new GivenAnswers(Map.of(caution.formerFingerprint(), WORDS), Map.of());
        assertThat(caution.formerFingerprint()).isNotEqualTo(caution.fingerprint());
        assertThat(given.to(caution, findings)).contains(new GivenAnswers.Answer(WORDS, false));
    }

    /** How many plugs are needed stands on lines that the caution is not about: the answer is only shown. */
    @Test
    void anAnswerOfBeforeIsOnlyShownWhereMoreDecided() {
        var build = TestBuild.sound().with(Slot.POWER_SUPPLY, "sataPlugs", 1);
        for (int i = 0; i < 2; i++) {
            build.adding(Slot.SECOND_DRIVE, "type", "hard disk", "shape", "3.5 inch", "protocol", "SATA");
        }
        var all = Checks.on(build.build());
        var lacking = all.stream()
                .filter(f -> f.check().id().equals("sata-power"))
                .findFirst()
                .orElseThrow();
        assertThat(lacking.verdict()).isEqualTo(Verdict.CAUTION);
        var given = new GivenAnswers(Map.of(lacking.formerFingerprint(), WORDS), Map.of());
        assertThat(given.to(lacking, all)).isEmpty();
        assertThat(given.earlierTo(lacking, all)).containsExactly(WORDS);
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
