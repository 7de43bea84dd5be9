package lowfield.core.total;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import org.junit.jupiter.api.Test;

class CountedTotalTest {
    private static final Money ZERO = Money.of(0, "EUR");
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");

    private static final PriceList NOTHING_SEEN = new PriceList(part -> List.of(), PricePolicy.usual(), NOW);

    private static Seller seller(String name, long freeFrom) {
        return new Seller(
                UUID.nameUUIDFromBytes(name.getBytes()),
                name,
                name,
                freeFrom == 0 ? Optional.empty() : Optional.of(Money.of(freeFrom, "EUR")));
    }

    private static LinePrice bought(Seller seller, long price, Long shipping, int quantity, boolean counted) {
        var part = TestBuild.part(Slot.OTHER, java.util.Map.of());
        var line = new Line(UUID.randomUUID(), Slot.OTHER, new Choice.Chosen(part), quantity, counted);
        var offer = new Offer(
                UUID.randomUUID(),
                seller,
                Condition.NEW,
                Money.of(price, "EUR"),
                Optional.ofNullable(shipping).map(s -> Money.of(s, "EUR")),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://x.example");
        return new LinePrice(
                line,
                Amount.of(Money.of(price * quantity, "EUR")),
                Optional.of(new PartPrice.Priced(offer, List.of())));
    }

    @Test
    void anOrderShipsOnceAtItsHighestCharge() {
        var a = seller("A", 0);
        var total = CountedTotal.of(
                List.of(bought(a, 1000, 390L, 1, true), bought(a, 2000, 490L, 1, true)), Counting.of(true, ZERO));
        assertThat(total.goods()).isEqualTo(Amount.of(Money.of(3000, "EUR")));
        assertThat(total.total()).isEqualTo(Amount.of(Money.of(3490, "EUR")));
    }

    @Test
    void anOrderShipsFreeFromTheSellersThreshold() {
        var a = seller("A", 7900);
        assertThat(CountedTotal.of(List.of(bought(a, 3950, 490L, 2, true)), Counting.of(true, ZERO))
                        .total())
                .isEqualTo(Amount.of(Money.of(7900, "EUR")));
        assertThat(CountedTotal.of(List.of(bought(a, 7899, 490L, 1, true)), Counting.of(true, ZERO))
                        .total())
                .isEqualTo(Amount.of(Money.of(8389, "EUR")));
    }

    @Test
    void shippingThatIsNotStatedMakesOnlyATotalThatCountsItUnknown() {
        var lines = List.of(bought(seller("A", 0), 1000, null, 1, true));
        assertThat(CountedTotal.of(lines, Counting.of(true, ZERO)).total().blame())
                .containsExactly("shipping at A is not stated");
        assertThat(CountedTotal.of(lines, Counting.of(false, ZERO)).total())
                .isEqualTo(Amount.of(Money.of(1000, "EUR")));
    }

    @Test
    void uncountedLinesStandBesideIt() {
        var total = CountedTotal.of(
                List.of(bought(seller("A", 0), 1000, 390L, 1, true), bought(seller("B", 0), 9900, 390L, 1, false)),
                Counting.of(true, ZERO));
        assertThat(total.total()).isEqualTo(Amount.of(Money.of(1390, "EUR")));
        assertThat(total.uncounted()).isEqualTo(Amount.of(Money.of(9900, "EUR")));
    }

    @Test
    void aLineWithoutAPriceMakesTheTotalUnknownAndNamesItself() {
        var line = new Line(
                UUID.randomUUID(),
                Slot.MOTHERBOARD,
                new Choice.Chosen(TestBuild.part(Slot.MOTHERBOARD, java.util.Map.of())),
                1,
                true);
        var price = LinePrice.of(line, NOTHING_SEEN, ZERO, Optional.empty());
        assertThat(CountedTotal.of(List.of(price), Counting.of(true, ZERO))
                        .total()
                        .blame())
                .containsExactly("Motherboard, Test motherboard: no shop has been seen offering it");
    }

    @Test
    void whatIsFreeHandCostsWhatWasTyped() {
        var line = new Line(
                UUID.randomUUID(), Slot.OTHER, new Choice.FreeHand("an hour's work", Money.of(4500, "EUR")), 2, true);
        assertThat(LinePrice.of(line, NOTHING_SEEN, ZERO, Optional.empty()).goods())
                .isEqualTo(Amount.of(Money.of(9000, "EUR")));
        var box = new Line(UUID.randomUUID(), Slot.COOLER, new Choice.InTheBox(""), 1, true);
        assertThat(LinePrice.of(box, NOTHING_SEEN, ZERO, Optional.empty()).goods())
                .isEqualTo(Amount.of(ZERO));
    }

    /** Against a plain restatement of the definition, over generated lists. */
    @Test
    void isGoodsPlusEachSellersChargeOnce() {
        var random = new Random(13);
        for (int round = 0; round < 300; round++) {
            var sellers = List.of(seller("A", 7900), seller("B", 0), seller("C", 20000));
            var lines = new ArrayList<LinePrice>();
            var goods = new HashMap<String, Long>();
            var highest = new HashMap<String, Long>();
            for (int i = 0; i < 1 + random.nextInt(10); i++) {
                var seller = sellers.get(random.nextInt(3));
                long price = random.nextLong(100, 9000);
                long shipping = random.nextLong(0, 900);
                int quantity = 1 + random.nextInt(3);
                lines.add(bought(seller, price, shipping, quantity, true));
                goods.merge(seller.name(), price * quantity, Long::sum);
                highest.merge(seller.name(), shipping, Math::max);
            }
            var expected = goods.entrySet().stream()
                    .mapToLong(e -> {
                        var free = e.getKey().equals("A") ? 7900 : e.getKey().equals("C") ? 20000 : Long.MAX_VALUE;
                        return e.getValue() + (e.getValue() >= free ? 0 : highest.get(e.getKey()));
                    })
                    .sum();
            assertThat(CountedTotal.of(lines, Counting.of(true, ZERO)).total())
                    .isEqualTo(Amount.of(Money.of(expected, "EUR")));
        }
    }

    /** A line at a time set apart and put back: the total is the same, known or not. */
    @Test
    void aTotalButForOneLineIsTheSameTotal() {
        var random = new Random(14);
        for (int round = 0; round < 300; round++) {
            var sellers = List.of(seller("A", 7900), seller("B", 0), seller("C", 20000));
            var lines = new ArrayList<LinePrice>();
            for (int i = 0; i < 1 + random.nextInt(8); i++) {
                var shipping = random.nextInt(10) == 0 ? null : (Long) random.nextLong(0, 900);
                lines.add(bought(
                        sellers.get(random.nextInt(3)),
                        random.nextLong(100, 9000),
                        shipping,
                        1 + random.nextInt(3),
                        random.nextInt(5) > 0));
            }
            var apart = lines.remove(random.nextInt(lines.size()));
            for (var ships : List.of(true, false)) {
                var put = TotalBut.of(lines, Counting.of(ships, ZERO)).with(apart);
                var all = new ArrayList<>(lines);
                all.add(apart);
                var whole = CountedTotal.of(all, Counting.of(ships, ZERO)).total();
                assertThat(put.known()).isEqualTo(whole.known());
                assertThat(put.blame()).containsExactlyInAnyOrderElementsOf(whole.blame());
            }
        }
    }
}
