package lowfield.core.total;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.SellerKind;
import lowfield.core.offer.Stock;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinePriceTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final Money ZERO = Money.of(0, "EUR");
    private static final Seller SHOP =
            new Seller(UUID.nameUUIDFromBytes("shop".getBytes()), "Shop", "Shop", Optional.empty());
    /** Members' prices count, and what is on back order. */
    private static final PricePolicy WIDE = new PricePolicy(
            Set.of(Condition.NEW), Set.of(Stock.values()), true, 7, Set.of(SellerKind.values()), Set.of(), 0);

    private final Map<UUID, List<Offer>> offers = new HashMap<>();
    private final Part first = TestBuild.part(Slot.CASE_FANS, Map.of("size", 120));
    private final Part second = TestBuild.part(Slot.CASE_FANS, Map.of("size", 140));

    private void sold(Part part, long price, boolean membersOnly) {
        var offer = new Offer(
                UUID.randomUUID(),
                SHOP,
                Condition.NEW,
                Money.of(price, "EUR"),
                Optional.of(ZERO),
                Stock.IN_STOCK,
                membersOnly,
                NOW,
                "https://x.example");
        offers.computeIfAbsent(part.id(), p -> new ArrayList<>()).add(offer);
    }

    private PriceList prices(PricePolicy policy) {
        return new PriceList(part -> offers.getOrDefault(part, List.of()), policy, NOW);
    }

    /**
     * The first at one price for members and one for all (0: none), the second at one for all: which counts, and what is
     * available to anyone. 0 means not known.
     */
    @ParameterizedTest
    @CsvSource({
        "20000, 0, 24000, 0, 20000, 24000",
        "20000, 23000, 24000, 0, 20000, 23000",
        "20000, 25000, 24000, 0, 20000, 24000",
        "20000, 25000, 24000, 1000, 20000, 25000",
        "20000, 25001, 24000, 1000, 20000, 24000",
        "20000, 0, 0, 0, 20000, 0",
        "0, 0, 24000, 0, 24000, 24000"
    })
    void aSetIsAvailableAtTheMemberThatWinsAmongThose(
            long members, long all, long other, long tolerance, long counted, long available) {
        if (members > 0) {
            sold(first, members, true);
        }
        if (all > 0) {
            sold(first, all, false);
        }
        if (other > 0) {
            sold(second, other, false);
        }
        var set = new Choice.VettedSet(List.of(first, second), Money.of(tolerance, "EUR"), first);
        var won = LinePrice.won(prices(WIDE), set, 1);
        var line = new Line(UUID.randomUUID(), Slot.CASE_FANS, won, 1, true);
        assertThat(minor(LinePrice.of(line, prices(WIDE), ZERO, Optional.empty())))
                .isEqualTo(counted);
        assertThat(minor(LinePrice.ofWinner(line, prices(WIDE.bookableByAnyone()), ZERO)))
                .isEqualTo(available);
    }

    private static long minor(LinePrice price) {
        return price.goods().known().map(Money::minor).orElse(0L);
    }

    @Test
    void whatCanBeClaimedBackIsInNoSum() {
        var offer = new Offer(
                UUID.randomUUID(),
                SHOP,
                Condition.NEW,
                Money.of(10_000, "EUR"),
                Optional.of(ZERO),
                Stock.IN_STOCK,
                false,
                Optional.of(Money.of(1_500, "EUR")),
                Optional.empty(),
                NOW,
                "https://x.example");
        offers.put(first.id(), List.of(offer));
        var line = new Line(UUID.randomUUID(), Slot.CASE_FANS, new Choice.Chosen(first), 2, true);
        var price = LinePrice.of(line, prices(WIDE), ZERO, Optional.empty());
        assertThat(price.goods().known()).contains(Money.of(20_000, "EUR"));
        assertThat(price.afterClaim()).contains(Money.of(17_000, "EUR"));
        sold(second, 500, false);
        var other = line.with(new Choice.Chosen(second));
        assertThat(LinePrice.of(other, prices(WIDE), ZERO, Optional.empty()).afterClaim())
                .isEmpty();
    }
}
