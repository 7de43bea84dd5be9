package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import lowfield.core.RuleBroken;
import lowfield.core.check.TestBuild;
import lowfield.core.find.CandidateImpact.Group;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** The sound build, every part of it at 100.00, in a band from 800.00 to 1,000.00. */
class CandidateImpactsTest extends CandidateCase {
    @Test
    void groups() {
        assertThat(taking(sound(), Slot.GRAPHICS_CARD, at(150, card("memory", 8)))
                        .group())
                .isEqualTo(Group.STAYS);
        assertThat(taking(sound(), Slot.GRAPHICS_CARD, at(201, card("memory", 9)))
                        .group())
                .isEqualTo(Group.FORCES);
        assertThat(taking(sound(), Slot.GRAPHICS_CARD, at(-1, card("memory", 10)))
                        .group())
                .isEqualTo(Group.CANNOT_BE_TOLD);
        assertThat(taking(sound(), Slot.GRAPHICS_CARD, at(150, card("length", 400)))
                        .group())
                .isEqualTo(Group.CLASHES);
        var bare = sound().without(Slot.CASE, "cardThickness");
        var untold = taking(bare, Slot.GRAPHICS_CARD, at(150, card("memory", 11)));
        assertThat(untold.group()).isEqualTo(Group.CANNOT_BE_TOLD);
        assertThat(untold.whyNotTold()).hasValueSatisfying(w -> assertThat(w).contains("thickness"));
    }

    /** While slots are empty a total under the band says nothing; over it, it does. */
    @Test
    void anUnfinishedListIsNotUnderItsBandYet() {
        var unfinished =
                sound().choosing(Slot.CASE, new Choice.Empty()).choosing(Slot.POWER_SUPPLY, new Choice.Empty());
        assertThat(taking(unfinished, Slot.GRAPHICS_CARD, at(50, card("memory", 12)))
                        .group())
                .isEqualTo(Group.STAYS);
        assertThat(taking(unfinished, Slot.GRAPHICS_CARD, at(900, card("memory", 13)))
                        .group())
                .isEqualTo(Group.FORCES);
    }

    /** Going over a shelf says the same as looking at each part, whatever its figures and prices. */
    @Test
    void sketchesSayWhatProspectsSay() {
        supply(60, "rating", 700);
        supply(90, "rating", 750, "length", 150);
        var random = new Random(20261203);
        var cards = new ArrayList<Part>();
        for (int i = 0; i < 200; i++) {
            cards.add(at(
                    random.nextInt(8) == 0 ? -1 : random.nextInt(500),
                    card(
                            "length",
                            200 + 20 * random.nextInt(10),
                            "boardPower",
                            150 + 100 * random.nextInt(4),
                            "eightPins",
                            random.nextInt(4),
                            "noise",
                            20 + random.nextInt(30))));
        }
        var shelf = new Shelf(Kind.GRAPHICS_CARD, cards);
        assertThat(shelf.looks()).isLessThan(cards.size());
        var kit = sound();
        var impacts = impacts(kit, Slot.GRAPHICS_CARD);
        var summaries = new ImpactSummaries(impacts, shelf);
        for (int row = 0; row < cards.size(); row++) {
            var summary = summaries.of(row);
            var impact = impacts.of(cards.get(row));
            assertThat(summary.group()).isEqualTo(impact.group());
            assertThat(summary.total()).isEqualTo(impact.total().total());
            assertThat(summary.trueDifference()).isEqualTo(impact.trueDifference());
            assertThat(summary.state()).isEqualTo(impact.state());
        }
        assertThat(cards)
                .extracting(c -> impacts.of(c).group())
                .contains(Group.STAYS, Group.FORCES, Group.CLASHES, Group.CANNOT_BE_TOLD);
    }

    /** The first of each group by every order, against sorting all of it. */
    @Test
    void groupsKeepTheirFirst() {
        var random = new Random(4);
        var cards = new ArrayList<Part>();
        for (int i = 0; i < 120; i++) {
            cards.add(at(
                    random.nextInt(9) == 0 ? -1 : 90 + random.nextInt(40),
                    card("length", 240 + 30 * random.nextInt(4), "memory", 4 + i)));
        }
        var shelf = new Shelf(Kind.GRAPHICS_CARD, cards);
        var summaries = new ImpactSummaries(impacts(sound(), Slot.GRAPHICS_CARD), shelf);
        var rows = IntStream.range(0, cards.size()).filter(r -> r % 7 != 3).toArray();
        summaries.prepare(rows);
        for (var order : Order.values()) {
            var grouped = Grouped.of(summaries, rows, order, 10);
            for (var group : Group.values()) {
                var all = Arrays.stream(rows)
                        .mapToObj(summaries::of)
                        .filter(s -> s.group() == group)
                        .sorted(Comparator.comparingLong((ImpactSummaries.ImpactSummary s) -> summaries.key(s, order))
                                .thenComparingLong(s -> s.key(Order.PRICE))
                                .thenComparing(s -> s.part().fullName())
                                .thenComparing(s -> s.part().id()))
                        .toList();
                assertThat(grouped.count(group)).isEqualTo(all.size());
                assertThat(grouped.first(group, 10))
                        .isEqualTo(all.stream().limit(10).toList());
            }
        }
    }

    @Test
    void unitPrices() {
        var price = Money.of(30000, "EUR");
        assertThat(UnitPrice.of(card("memory", 12), price)).contains(new UnitPrice(250000, "GB"));
        assertThat(UnitPrice.of(TestBuild.like(Slot.MEMORY), price)).contains(new UnitPrice(187500, "GB"));
        assertThat(UnitPrice.of(card(), price)).isEmpty();
        assertThat(UnitPrice.of(TestBuild.like(Slot.CASE), price)).isEmpty();
    }

    /** The first within the tolerance of the cheapest wins; without prices the most preferred stands for the set. */
    @Test
    void theWinnerOfASet() {
        var a = at(110, card("memory", 1));
        var b = at(104, card("memory", 2));
        var c = at(100, card("memory", 3));
        assertThat(winner(10, a, b, c)).isEqualTo(a);
        assertThat(winner(9, a, b, c)).isEqualTo(b);
        assertThat(winner(3, a, b, c)).isEqualTo(c);
        euro.put(a.id(), -1);
        assertThat(winner(50, a, b, c)).isEqualTo(b);
        euro.put(b.id(), -1);
        euro.put(c.id(), -1);
        assertThat(winner(50, a, b, c)).isEqualTo(a);
        assertThatThrownBy(() -> winner(1, a)).isInstanceOf(RuleBroken.class).hasMessageContaining("2 to 12");
        assertThatThrownBy(() -> winner(1, a, a)).hasMessageContaining("once");
        assertThatThrownBy(() -> winner(-1, a, b)).hasMessageContaining("negative");
    }

    private Part winner(int tolerance, Part... members) {
        return Choice.VettedSet.of(
                        List.of(members),
                        Money.of(tolerance * 100L, "EUR"),
                        p -> Optional.of(euro.get(p.id())).filter(e -> e >= 0).map(e -> Money.of(e * 100L, "EUR")))
                .winner();
    }
}
