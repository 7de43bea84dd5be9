package lowfield.core.attention;

import static lowfield.core.edition.TestEdition.eur;
import static lowfield.core.edition.TestEdition.part;
import static lowfield.core.edition.TestLines.because;
import static lowfield.core.edition.TestLines.offering;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Band;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.reason.Reason;
import org.junit.jupiter.api.Test;

/** The gates before publishing. */
class GatesTest extends AttentionCase {
    private static List<Gate> shut(TestEdition edition) {
        return GateResult.of(of(edition)).stream()
                .filter(r -> !r.holds())
                .map(GateResult::gate)
                .toList();
    }

    @Test
    void eachGateStopsWhatItIsFor() {
        var board = part(sound(), Slot.MOTHERBOARD);
        var dead = TestBuild.like(Slot.MEMORY, "modules", 4);
        var old = TestEdition.NOW.minus(Duration.ofDays(4));
        assertThat(shut(new TestEdition().tier("Mate", sound().choosing(Slot.CASE, new Choice.Empty()))))
                .containsExactly(Gate.SLOTS);
        assertThat(shut(new TestEdition().tier("Mate", sound().with(Slot.PROCESSOR, "socket", "Heath"))))
                .containsExactly(Gate.CLASHES);
        assertThat(shut(new TestEdition().tier("Mate", sound().without(Slot.GRAPHICS_CARD, "length"))))
                .containsExactly(Gate.FIGURES);
        assertThat(shut(new TestEdition().tier("Mate", new Band.FromTo(eur(1), eur(2)), sound())))
                .containsExactly(Gate.BAND);
        assertThat(shut(new TestEdition()
                        .planning(l -> because(l, Reason.none()))
                        .tier("Mate", sound())))
                .containsExactly(Gate.REASONS);
        assertThat(shut(new TestEdition()
                        .planning(l -> because(l, Reason.of("Because.", "part:other")))
                        .tier("Mate", sound())))
                .containsExactly(Gate.REASONS);
        assertThat(shut(new TestEdition()
                        .offered(board, 100, Stock.IN_STOCK, old, Condition.NEW)
                        .tier("Mate", sound())))
                .containsExactly(Gate.PRICES);
        assertThat(shut(new TestEdition().gone(board).tier("Mate", sound()))).containsExactly(Gate.BAND, Gate.PRICES);
        assertThat(shut(new TestEdition()
                        .gone(dead)
                        .planning(l ->
                                l.slot() == Slot.MEMORY ? offering(l, new Option(Option.Purpose.UPGRADE, dead, "")) : l)
                        .tier("Mate", sound())))
                .containsExactly(Gate.OPTIONS);
        assertThat(shut(new TestEdition().tier("Mate", cautioned()))).containsExactly(Gate.CAUTIONS);
    }

    @Test
    void anAnsweredCautionOpensItsGate() {
        var caution = of(new TestEdition().tier("Mate", cautioned()))
                .at(Gate.CAUTIONS)
                .get(0);
        assertThat(shut(new TestEdition().answered(caution.state()).tier("Mate", cautioned())))
                .isEmpty();
    }

    @Test
    void aWaiverDoesNotCoverOtherProblems() {
        var one = fingerprints(new TestEdition().tier("Mate", new Band.FromTo(eur(1), eur(2)), sound()));
        var other = fingerprints(new TestEdition()
                .costs(part(sound(), Slot.CASE), 10_001)
                .tier("Mate", new Band.FromTo(eur(1), eur(2)), sound()));
        assertThat(one.get(Gate.BAND)).isNotEqualTo(other.get(Gate.BAND));
        assertThat(one.get(Gate.REASONS)).isEqualTo(other.get(Gate.REASONS));
    }

    private static Map<Gate, String> fingerprints(TestEdition edition) {
        return GateResult.of(of(edition)).stream()
                .collect(java.util.stream.Collectors.toMap(GateResult::gate, GateResult::fingerprint));
    }
}
