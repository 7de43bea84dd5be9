package lowfield.core.total;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

class BundleSavingTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final Part PROCESSOR = TestBuild.part(Slot.PROCESSOR, TestBuild.figuresOf(Slot.PROCESSOR));
    private static final Part BOARD = TestBuild.part(Slot.MOTHERBOARD, TestBuild.figuresOf(Slot.MOTHERBOARD));

    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private static LinePrice line(Slot slot, Part part, int quantity, boolean counted, Amount goods) {
        var line = new Line(UUID.randomUUID(), slot, new Choice.Chosen(part), quantity, counted);
        return new LinePrice(line, goods, Optional.empty());
    }

    private static List<LinePrice> build() {
        return List.of(
                line(Slot.PROCESSOR, PROCESSOR, 1, true, Amount.of(eur(18990))),
                line(Slot.MOTHERBOARD, BOARD, 1, true, Amount.of(eur(13300))));
    }

    private static Bundle bundle(Map<UUID, Integer> parts, long price, Stock stock, boolean members) {
        var seller = new Seller(UUID.nameUUIDFromBytes("s".getBytes()), "Shop", "Shop", Optional.empty());
        return new Bundle(seller, parts, eur(price), Optional.empty(), stock, members, NOW, "https://x.example");
    }

    private static Bundle both(long price) {
        return bundle(Map.of(PROCESSOR.id(), 1, BOARD.id(), 1), price, Stock.IN_STOCK, false);
    }

    @Test
    void whatIsSoldTogetherForLessIsTold() {
        var build = build();
        // 189.90 + 133.00 = 322.90; less 307.00 leaves 15.90. The same seller's dearer word for it is not told.
        var told = BundleSaving.of(build, List.of(both(31000), both(30700)));
        assertThat(told).extracting(BundleSaving::saves).containsExactly(eur(1590));
        assertThat(told.get(0).lines())
                .containsExactlyInAnyOrder(
                        build.get(0).line().id(), build.get(1).line().id());
    }

    @Test
    void whatIsNoCheaperOrIsInDoubtIsNot() {
        assertThat(BundleSaving.of(build(), List.of(both(32290), both(40000)))).isEmpty();
        // 60% of 322.90 is 193.74: one cent less is in doubt.
        assertThat(BundleSaving.of(build(), List.of(both(19374)))).hasSize(1);
        assertThat(BundleSaving.of(build(), List.of(both(19373)))).isEmpty();
    }

    @Test
    void onlyCountedLinesInTheSameQuantityWithExactPricesCount() {
        var processor = line(Slot.PROCESSOR, PROCESSOR, 1, true, Amount.of(eur(18990)));
        assertThat(BundleSaving.of(
                        List.of(processor, line(Slot.MOTHERBOARD, BOARD, 1, false, Amount.of(eur(13300)))),
                        List.of(both(30000))))
                .isEmpty();
        assertThat(BundleSaving.of(
                        List.of(processor, line(Slot.MOTHERBOARD, BOARD, 2, true, Amount.of(eur(26600)))),
                        List.of(both(30000))))
                .isEmpty();
        assertThat(BundleSaving.of(
                        List.of(processor, line(Slot.MOTHERBOARD, BOARD, 1, true, Amount.notKnown("board"))),
                        List.of(both(30000))))
                .isEmpty();
        assertThat(BundleSaving.of(List.of(processor), List.of(both(30000)))).isEmpty();
    }

    @Test
    void aBundleObeysThePolicyLikeAnyOffer() {
        var parts = Map.of(PROCESSOR.id(), 1, BOARD.id(), 1);
        assertThat(both(30000).refusedBy(PricePolicy.usual(), NOW)).isEmpty();
        assertThat(bundle(parts, 30000, Stock.OUT_OF_STOCK, false).refusedBy(PricePolicy.usual(), NOW))
                .isNotEmpty();
        assertThat(bundle(parts, 30000, Stock.IN_STOCK, true).refusedBy(PricePolicy.usual(), NOW))
                .containsExactly("members only");
        assertThat(both(30000).refusedBy(PricePolicy.usual(), NOW.plusSeconds(8 * 86_400)))
                .isNotEmpty();
    }

    @Test
    void onePieceIsNoBundle() {
        assertThatThrownBy(() -> bundle(Map.of(BOARD.id(), 1), 100, Stock.IN_STOCK, false))
                .isInstanceOf(RuleBroken.class);
    }
}
