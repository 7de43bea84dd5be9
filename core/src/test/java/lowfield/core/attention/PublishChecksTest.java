package lowfield.core.attention;

import static lowfield.core.edition.TestEdition.eur;
import static lowfield.core.edition.TestEdition.part;
import static lowfield.core.edition.TestLines.because;
import static lowfield.core.edition.TestLines.offering;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
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

/** The checks before publishing. */
class PublishChecksTest extends AttentionCase {
    private static List<PublishCheck> failing(TestEdition edition) {
        return CheckResult.of(of(edition)).stream()
                .filter(r -> !r.passes())
                .map(CheckResult::check)
                .toList();
    }

    @Test
    void eachCheckStopsWhatItIsFor() {
        var board = part(sound(), Slot.MOTHERBOARD);
        var dead = TestBuild.like(Slot.MEMORY, "modules", 4);
        var old = TestEdition.NOW.minus(Duration.ofDays(4));
        assertThat(failing(new TestEdition().tier("Mate", sound().choosing(Slot.CASE, new Choice.Empty()))))
                .containsExactly(PublishCheck.SLOTS);
        assertThat(failing(new TestEdition().tier("Mate", sound().with(Slot.PROCESSOR, "socket", "Heath"))))
                .containsExactly(PublishCheck.CLASHES);
        assertThat(failing(new TestEdition().tier("Mate", sound().without(Slot.GRAPHICS_CARD, "length"))))
                .containsExactly(PublishCheck.FIGURES);
        assertThat(failing(new TestEdition().tier("Mate", new Band.FromTo(eur(1), eur(2)), sound())))
                .containsExactly(PublishCheck.BAND);
        assertThat(failing(new TestEdition()
                        .planning(l -> because(l, Reason.none()))
                        .tier("Mate", sound())))
                .containsExactly(PublishCheck.REASONS);
        assertThat(failing(new TestEdition()
                        .planning(l -> because(l, Reason.of("Because.", "part:other")))
                        .tier("Mate", sound())))
                .containsExactly(PublishCheck.REASONS);
        assertThat(failing(new TestEdition()
                        .offered(board, 100, Stock.IN_STOCK, old, Condition.NEW)
                        .tier("Mate", sound())))
                .containsExactly(PublishCheck.PRICES);
        assertThat(failing(new TestEdition().gone(board).tier("Mate", sound())))
                .containsExactly(PublishCheck.BAND, PublishCheck.PRICES);
        assertThat(failing(new TestEdition()
                        .gone(dead)
                        .planning(l ->
                                l.slot() == Slot.MEMORY ? offering(l, new Option(Option.Purpose.UPGRADE, dead, "")) : l)
                        .tier("Mate", sound())))
                .containsExactly(PublishCheck.OPTIONS);
        assertThat(failing(new TestEdition().tier("Mate", cautioned()))).containsExactly(PublishCheck.CAUTIONS);
    }

    @Test
    void anAnsweredCautionPasses() {
        var caution = of(new TestEdition().tier("Mate", cautioned()))
                .at(PublishCheck.CAUTIONS)
                .get(0);
        assertThat(failing(new TestEdition().answered(caution.state()).tier("Mate", cautioned())))
                .isEmpty();
    }

    /** Each thing that fails a check is told from the others, and from itself grown worse. */
    @Test
    void aProblemIsItselfUntilItChanges() {
        var band = new Band.FromTo(eur(1), eur(2));
        var one = problems(
                new TestEdition().planning(l -> because(l, Reason.none())).tier("Mate", band, sound()));
        var again = problems(
                new TestEdition().planning(l -> because(l, Reason.none())).tier("Mate", band, sound()));
        var dearer = problems(new TestEdition()
                .costs(part(sound(), Slot.CASE), 10_001)
                .planning(l -> because(l, Reason.none()))
                .tier("Mate", band, sound()));
        assertThat(one).hasSizeGreaterThan(2).doesNotHaveDuplicates().isEqualTo(again);
        assertThat(dearer).hasSameSizeAs(one);
        assertThat(one).filteredOn(p -> !dearer.contains(p)).hasSize(1);
    }

    private static List<String> problems(TestEdition edition) {
        return CheckResult.of(of(edition)).stream()
                .flatMap(r -> r.problems().stream())
                .map(Item::fingerprint)
                .toList();
    }
}
