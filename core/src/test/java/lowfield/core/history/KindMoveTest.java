package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

class KindMoveTest {
    private static Moved moved(String key, String kind, long before, long now, int tiers) {
        return new Moved(key, kind, Money.of(before, "EUR"), Money.of(now, "EUR"), tiers);
    }

    @Test
    void theWeightIsMoneyMovedTimesTiers() {
        assertThat(moved("a", "DRIVE", 10000, 9000, 3).weight()).isEqualTo(3000);
        assertThat(moved("a", "DRIVE", 9000, 10000, 1).weight()).isEqualTo(1000);
    }

    @Test
    void whatWentAlongWithItsKindIsDecidedTogether() {
        var with = moved("a", "POWER_SUPPLY", 10000, 10400, 1);
        var too = moved("b", "POWER_SUPPLY", 5000, 5190, 2);
        var alone = moved("c", "POWER_SUPPLY", 8000, 9200, 1);
        var other = moved("d", "DRIVE", 10000, 10400, 1);
        var moves = KindMove.of(List.of(with, too, alone, other), Map.of("POWER_SUPPLY", 1.041, "DRIVE", 1.0));
        assertThat(moves).hasSize(1);
        assertThat(moves.get(0).along()).containsExactly(with, too);
        assertThat(moves.get(0).weight()).isEqualTo(400 + 2 * 190);
    }

    @Test
    void oneAloneIsNoKind() {
        assertThat(KindMove.of(List.of(moved("a", "CASE", 10000, 10400, 1)), Map.of("CASE", 1.04)))
                .isEmpty();
    }

    @Test
    void aKindThatStandsStillHasNotMoved() {
        var a = moved("a", "CASE", 10000, 10100, 1);
        var b = moved("b", "CASE", 10000, 10110, 1);
        assertThat(KindMove.of(List.of(a, b), Map.of("CASE", 1.01))).isEmpty();
    }
}
