package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.press.PublicSum;
import org.junit.jupiter.api.Test;

class SameChoicesTest {
    private final UUID card = UUID.randomUUID();
    private final UUID rival = UUID.randomUUID();
    private final UUID sticks = UUID.randomUUID();
    private final Map<UUID, SameChoices.DayPrice> prices = new HashMap<>();
    private final SameChoices list = new SameChoices(
            List.of(new SameChoices.Item(List.of(card, rival), 1), new SameChoices.Item(List.of(sticks), 2)));

    private Optional<PublicSum> goods() {
        return list.goods(euro(10), part -> Optional.ofNullable(prices.get(part)));
    }

    private static Money euro(long major) {
        return Money.of(major * 100, "EUR");
    }

    private void costs(UUID part, long major, boolean mayStand) {
        prices.put(part, new SameChoices.DayPrice(euro(major), mayStand));
    }

    /** 10 typed + 200 for the cheaper of the set + 2 x 33. */
    @Test
    void theCheapestOfASetTheQuantityAndWhatIsTyped() {
        costs(card, 210, true);
        costs(rival, 200, true);
        costs(sticks, 33, true);
        assertThat(goods()).contains(PublicSum.of(euro(276)));
    }

    @Test
    void aSetCostsWhatIsLeftOfItAndAGapIsAGap() {
        costs(card, 210, true);
        assertThat(goods()).isEmpty();
        costs(sticks, 33, true);
        assertThat(goods()).contains(PublicSum.of(euro(286)));
    }

    /** 10 + 210 + 2 x 33; 33 may not stand and is 30 in what is told, whatever the rest; one that is not taken hides nothing. */
    @Test
    void aPriceThatMayNotStandIsRoundedBeforeItIsAdded() {
        costs(card, 210, true);
        costs(rival, 211, false);
        costs(sticks, 33, false);
        assertThat(goods()).contains(new PublicSum(euro(286), euro(280)));
        costs(sticks, 33, true);
        assertThat(goods()).contains(PublicSum.of(euro(286)));
    }
}
