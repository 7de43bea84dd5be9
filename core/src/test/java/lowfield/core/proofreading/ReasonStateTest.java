package lowfield.core.proofreading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.reason.ReasonBasis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** When a reason is no longer what was confirmed. */
class ReasonStateTest extends ProofCase {
    private static Reading read(String text, Optional<Money> price) {
        return new FigureGuard(context(price)).read(text);
    }

    /** Confirmed at one price, read at another. */
    private static ReasonState moved(String text, Optional<Money> was, Optional<Money> is) {
        return ReasonState.of(new ReasonBasis(read(text, was).claims(), List.of()), read(text, is));
    }

    private static List<String> changes(String text, long was, long is) {
        return moved(text, eur(was), eur(is)).changes().stream()
                .map(BasisChange::sentence)
                .toList();
    }

    @Test
    void aPriceThatTurnsAComparisonIsToldBesideIt() {
        assertThat(changes("It costs less than the Basalt Five and has more memory.", 29_030, 36_210))
                .containsExactly("Price against Hartle Basalt Five: was 290.30 EUR and below it (349.00 EUR);"
                        + " now 362.10 EUR and above it (349.00 EUR).");
    }

    @Test
    void aPriceThatMovesAndTurnsNothingChangesNothing() {
        assertThat(changes("It costs less than the Basalt Five and has more memory.", 29_030, 31_000))
                .isEmpty();
        assertThat(changes("The Basalt Five is louder.", 29_030, 41_000)).isEmpty();
    }

    @Test
    void aFigureThatNoLongerHoldsIsTold() {
        assertThat(changes("At 290.30 EUR it is fair.", 29_030, 31_210))
                .containsExactly("Price: was 290.30 EUR; now 312.10 EUR.");
        assertThat(changes("At about 290 EUR it is fair.", 29_030, 29_010)).isEmpty();
    }

    /** However far the price has moved, what it is now stands beside what it was. */
    @ParameterizedTest
    @ValueSource(longs = {5_030, 15_000, 24_900, 36_100, 48_990, 90_000, 300_000})
    void whatTheFigureIsNowIsTold(long is) {
        var now = new Money(is, EURO).toString();
        assertThat(changes("At 290.30 EUR it is fair.", 29_030, is))
                .containsExactly("Price: was 290.30 EUR; now " + now + ".");
        assertThat(changes("Some ask whether 290.30 EUR are not too much.", 29_030, is))
                .containsExactly("Price: was 290.30 EUR; now " + now + ".");
    }

    /** The price of last time is what was meant, even if another part costs just that now. */
    @Test
    void whatIsSoOfAnotherNowHoldsNoMore() {
        assertThat(changes("At 349.00 EUR it is fair.", 34_900, 36_900))
                .containsExactly("Price: was 349.00 EUR; now 369.00 EUR.");
    }

    @Test
    void aPriceThatIsNoLongerKnownIsAChange() {
        var text = "It costs less than the Basalt Five.";
        assertThat(moved(text, eur(29_030), Optional.empty()).changes())
                .singleElement()
                .satisfies(c -> assertThat(c.now()).isEqualTo("not known"));
    }

    @Test
    void whatWasNotKnownCannotHaveBeenReliedOn() {
        var text = "It costs less than the Basalt Five.";
        assertThat(moved(text, Optional.empty(), eur(29_030)).changes()).isEmpty();
    }

    @Test
    void aMoveOfMoreThanATenthAsksToReadItAgain() {
        var text = "Quiet and short.";
        assertThat(moved(text, eur(30_000), eur(33_000)).move()).isEmpty();
        var far = moved(text, eur(30_000), eur(33_001));
        assertThat(far.changes()).isEmpty();
        assertThat(far.move()).map(BasisChange::sentence).contains("Price: was 300.00 EUR; now 330.01 EUR.");
        assertThat(moved(text, eur(30_000), eur(26_999)).move()).isPresent();
    }

    @Test
    void aFigureThatIsMeantSoIsNoChange() {
        var text = "At 290.30 EUR it is fair.";
        var now = read(text, eur(31_210));
        var basis = new ReasonBasis(
                read(text, eur(29_030)).claims(), List.of(now.slips().get(0).key()));
        var state = ReasonState.of(basis, now);
        assertThat(state.changes()).isEmpty();
        assertThat(state.slips()).isEmpty();
    }

    @Test
    void withoutABasisNothingHasChanged() {
        var state = ReasonState.of(ReasonBasis.none(), read("It has 16 GB.", eur(41_290)));
        assertThat(state.changes()).isEmpty();
        assertThat(state.move()).isEmpty();
        assertThat(state.slips()).hasSize(1);
    }

    @Test
    void confirmingTakesWhatIsSoNow() {
        var text = "It costs less than the Basalt Five.";
        var old = new ReasonBasis(read(text, eur(29_030)).claims(), List.of("x | y"));
        var now = read(text, eur(36_210));
        assertThat(ReasonState.of(old.with(now.claims()), now).changes()).isEmpty();
        assertThat(old.with(now.claims()).meant()).containsExactly("x | y");
    }
}
