package lowfield.core.edition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.RuleBroken;
import lowfield.core.edition.OptionList.Entry;
import org.junit.jupiter.api.Test;

/** What may stand in a list of alternatives and upgrades. */
class OptionListTest {
    private static final UUID ONE = new UUID(0, 1);
    private static final UUID TWO = new UUID(0, 2);

    private static Entry entry(Option.Purpose purpose, UUID part) {
        return new Entry(purpose, part, false);
    }

    private static void refused(String why, Entry... entries) {
        assertThatThrownBy(() -> OptionList.check(List.of(entries)))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(why);
    }

    @Test
    void oneOfEachPurposeMayStandThere() {
        assertThatCode(() -> OptionList.check(Stream.of(Option.Purpose.values())
                        .map(p -> entry(p, ONE))
                        .toList()))
                .doesNotThrowAnyException();
    }

    @Test
    void aListSaysEachThingOnce() {
        refused("listed already", entry(Option.Purpose.UPGRADE, ONE), entry(Option.Purpose.UPGRADE, ONE));
        refused("name one other part", entry(Option.Purpose.EITHER, ONE), entry(Option.Purpose.EITHER, TWO));
        refused("in the place of the choice", new Entry(Option.Purpose.EITHER, ONE, true));
        refused(
                "at most 12",
                Stream.iterate(1, i -> i + 1)
                        .limit(13)
                        .map(i -> entry(Option.Purpose.UPGRADE, new UUID(1, i)))
                        .toArray(Entry[]::new));
    }

    @Test
    void whatIsTakenIsNoOptionAnyMore() {
        assertThat(entry(Option.Purpose.UPGRADE, ONE).isTaken(Optional.of(ONE))).isTrue();
        assertThat(entry(Option.Purpose.UPGRADE, ONE).isTaken(Optional.of(TWO))).isFalse();
        assertThat(entry(Option.Purpose.UPGRADE, ONE).isTaken(Optional.empty())).isFalse();
        assertThat(new Entry(Option.Purpose.UPGRADE, ONE, true).isTaken(Optional.of(ONE)))
                .isFalse();
    }
}
