package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.history.KindIndex.Quote;
import lowfield.core.history.KindIndex.Step;
import org.junit.jupiter.api.Test;

/** The index against examples worked out by hand; the arithmetic stands beside each. */
class KindIndexTest {
    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes());
    }

    /** "a 100 b 200": prices of one period. */
    private static Map<UUID, Quote> period(String text) {
        var words = text.split(" ");
        var quotes = new HashMap<UUID, Quote>();
        for (int i = 0; i + 1 < words.length; i += 2) {
            quotes.put(
                    id(words[i]), new Quote(Long.parseLong(words[i + 1].replace("!", "")), words[i + 1].endsWith("!")));
        }
        return quotes;
    }

    private static List<Step> index(String... periods) {
        return KindIndex.of(
                java.util.Arrays.stream(periods).map(KindIndexTest::period).toList(), part -> part);
    }

    private static double last(List<Step> steps) {
        return steps.get(steps.size() - 1).level();
    }

    /** Relatives 110/100 and 180/200: sqrt(1.1 x 0.9) = sqrt(0.99) = 0.994987. */
    @Test
    void theGeometricMeanOfPriceRelatives() {
        assertThat(last(index("a 100 b 200", "a 110 b 180"))).isCloseTo(0.994987, within(1e-6));
    }

    /** 1.1, then 1.21/1.1 again: 1.1 x 1.1 = 1.21; back to where it began: 1. */
    @Test
    void movesAreChained() {
        assertThat(last(index("a 1000", "a 1100", "a 1210"))).isCloseTo(1.21, within(1e-9));
        assertThat(last(index("a 100 b 300", "a 150 b 200", "a 100 b 300"))).isCloseTo(1, within(1e-9));
    }

    /** c is new in the second period at any price: the move is that of a alone, 120/100; in the third c counts: sqrt(1 x 2). */
    @Test
    void aNewPartCountsFromItsSecondPrice() {
        var steps = index("a 100", "a 120 c 900", "a 120 c 1800");
        assertThat(steps.get(1).level()).isCloseTo(1.2, within(1e-9));
        assertThat(steps.get(1).matched()).isEqualTo(1);
        assertThat(last(steps)).isCloseTo(1.2 * Math.sqrt(2), within(1e-9));
    }

    /** b vanishes: what is left is a alone, 110/100. */
    @Test
    void aVanishedPartNoLongerCounts() {
        var steps = index("a 100 b 200", "a 110");
        assertThat(last(steps)).isCloseTo(1.1, within(1e-9));
        assertThat(steps.get(1).carried()).isEqualTo(1);
    }

    /**
     * b is missing once while a goes 100 to 110, so b is carried from 200 to 220. When b is back at 242 its relative is
     * 242/220 = 1.1 and a's 110/110 = 1: sqrt(1.1) = 1.048809, on the level 1.1: 1.153690.
     */
    @Test
    void aPartThatComesBackIsComparedWithWhereItWouldStand() {
        assertThat(last(index("a 100 b 200", "a 110", "a 110 b 242"))).isCloseTo(1.153690, within(1e-6));
    }

    /** Away for three periods, b begins anew: its 999 is compared with nothing. */
    @Test
    void aPartThatWasAwayTooLongBeginsAnew() {
        var steps = index("a 100 b 200", "a 100", "a 100", "a 100", "a 100 b 999");
        assertThat(last(steps)).isCloseTo(1, within(1e-9));
        assertThat(steps.get(4).matched()).isEqualTo(1);
        assertThat(steps.get(3).carried()).isZero();
    }

    /** Two cards of one chip at 1.1 and 1.3 are one: mean of logs; with b at 1: exp((ln 1.1 + ln 1.3) / 2 / 2) = 1.093538. */
    @Test
    void siblingsCountOnce() {
        var chips = Map.of(id("a1"), "chip", id("a2"), "chip", id("b"), "other");
        var steps = KindIndex.of(List.of(period("a1 100 a2 100 b 100"), period("a1 110 a2 130 b 100")), chips::get);
        assertThat(last(steps)).isCloseTo(1.093538, within(1e-6));
        assertThat(steps.get(1).matched()).isEqualTo(2);
    }

    @Test
    void fewMatchesAreNotPublished() {
        var steps = index("a 1 b 1 c 1 d 1 e 1", "a 1 b 1 c 1 d 1 e 1", "a 1 b 1 c 1 d 1");
        assertThat(steps.get(1).isPublished()).isTrue();
        assertThat(steps.get(2).isPublished()).isFalse();
    }

    @Test
    void clearancesAreMarked() {
        assertThat(index("a 100 b 100", "a 60! b 110!").get(1).clearances()).containsExactly(id("a"));
    }

    @Test
    void aPriceOfNothingIsNone() {
        assertThatThrownBy(() -> new Quote(0, false))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("above zero");
    }

    /** Whatever the parts cost and whichever are missing: when all that is there doubles, the index doubles. */
    @Test
    void whenEverythingDoublesTheIndexDoubles() {
        var random = new Random(18);
        for (int round = 0; round < 100; round++) {
            var first = new HashMap<UUID, Quote>();
            var second = new HashMap<UUID, Quote>();
            for (int i = 0; i < 30; i++) {
                var price = 100 + random.nextInt(100_000);
                if (random.nextInt(5) > 0) {
                    first.put(id("p" + i), new Quote(price, false));
                }
                if (random.nextInt(5) > 0) {
                    second.put(id("p" + i), new Quote(2L * price, false));
                }
            }
            var periods = new ArrayList<Map<UUID, Quote>>(List.of(first, second));
            assertThat(last(KindIndex.of(periods, p -> p.hashCode() % 7))).isCloseTo(2, within(1e-9));
        }
    }

    /** Forty cards of one chip and one other card: the chip counts once, by the middle of its cards, of which one is a slip. */
    @Test
    void fortyCardsOfOneChipCountOnce() {
        var before = new StringBuilder("other 100");
        var after = new StringBuilder("other 100");
        for (int i = 0; i < 40; i++) {
            before.append(" card").append(i).append(" 100");
            after.append(" card").append(i).append(i == 0 ? " 10000" : " 121");
        }
        var other = id("other");
        var steps = KindIndex.of(
                List.of(period(before.toString()), period(after.toString())),
                part -> part.equals(other) ? "other" : "chip");
        // The middle of the cards is 1.21, the other card stands still: sqrt(1.21) = 1.1.
        assertThat(last(steps)).isCloseTo(1.1, within(1e-9));
        assertThat(steps.get(1).matched()).isEqualTo(2);
    }
}
