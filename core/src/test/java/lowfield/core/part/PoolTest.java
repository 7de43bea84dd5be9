package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

class PoolTest {
    private static String card(String chip, int memory, int watts) {
        return Pool.of(TestBuild.like(
                Slot.GRAPHICS_CARD, "chip", chip, "memory", memory, "boardPower", watts, "length", 200 + watts));
    }

    @Test
    void cardsOfOneChipMemoryAndPowerClassArePooled() {
        assertThat(card("Vane Five", 8, 160)).isEqualTo(card("Vane Five", 8, 170));
        assertThat(card("Vane Five", 8, 160)).isNotEqualTo(card("Vane Five", 16, 160));
        assertThat(card("Vane Five", 8, 160)).isNotEqualTo(card("Vane Five", 8, 230));
        assertThat(card("Vane Five", 8, 160)).isNotEqualTo(card("Vane Six", 8, 160));
    }

    @Test
    void everythingElseGoesByItsProduct() {
        var box = TestBuild.like(Slot.CASE);
        assertThat(Pool.of(box)).isEqualTo("product " + box.product());
        assertThat(Pool.of(TestBuild.like(Slot.GRAPHICS_CARD))).startsWith("product ");
    }
}
