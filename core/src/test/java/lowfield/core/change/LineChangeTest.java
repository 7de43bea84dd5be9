package lowfield.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.reason.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LineChangeTest {
    private static final Optional<Money> TEN = Optional.of(Money.of(1000, "EUR"));

    @Test
    void tellsKeptSwitchedAndAddedApart() {
        var before = Optional.of(new LineChange.Published("part:a", "A", Optional.of(Money.of(900, "EUR"))));
        assertThat(LineChange.of(before, "part:a", TEN).how()).isEqualTo(LineChange.How.KEPT);
        assertThat(LineChange.of(before, "part:a", TEN).difference()).contains(Money.of(100, "EUR"));
        assertThat(LineChange.of(before, "part:b", TEN).how()).isEqualTo(LineChange.How.SWITCHED);
        assertThat(LineChange.of(before, "part:b", TEN).before()).isEqualTo("A");
        assertThat(LineChange.of(before, "part:a", Optional.empty()).difference())
                .isEmpty();
        assertThat(LineChange.of(Optional.empty(), "part:b", TEN).how()).isEqualTo(LineChange.How.ADDED);
    }

    @Test
    void aReasonIsStaleWhenTheChoiceIsAnother() {
        var card = new Choice.Chosen(TestBuild.part(Slot.GRAPHICS_CARD, java.util.Map.of("length", 200)));
        var other = new Choice.Chosen(TestBuild.part(Slot.GRAPHICS_CARD, java.util.Map.of("length", 201)));
        var reason = Reason.of("Short.", card.key());
        assertThat(reason.isStale(card)).isFalse();
        assertThat(reason.isStale(other)).isTrue();
        assertThat(Reason.of(" ", "part:x").isStale(other)).isFalse();
    }

    @Test
    void aReasonHasALength() {
        assertThat(Reason.of("x".repeat(Reason.LONGEST), "").isWritten()).isTrue();
        assertThatThrownBy(() -> Reason.of("x".repeat(2_000_000), ""))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("40,000 letters; this one has 2,000,000. Nothing was saved");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 21, Integer.MAX_VALUE})
    void quantitiesAreBounded(int quantity) {
        assertThatThrownBy(() -> new Line(UUID.randomUUID(), Slot.CASE, new Choice.None(), quantity, true))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("1 to 20");
    }

    @Test
    void aFreeHandChoiceHasANameAndNoNegativePrice() {
        assertThatThrownBy(() -> new Choice.FreeHand(" ", Money.of(1, "EUR"))).hasMessageContaining("name");
        assertThatThrownBy(() -> new Choice.FreeHand("x".repeat(161), Money.of(1, "EUR")))
                .hasMessageContaining("160");
        assertThatThrownBy(() -> new Choice.FreeHand("work", Money.of(-1, "EUR")))
                .hasMessageContaining("negative");
    }
}
