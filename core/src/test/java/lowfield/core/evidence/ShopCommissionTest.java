package lowfield.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** One sentence names every shop that pays a commission. */
class ShopCommissionTest {
    @Test
    void everyShopIsNamedOnce() {
        assertThat(ShopCommission.forReaders(List.of())).isEmpty();
        assertThat(ShopCommission.forReaders(List.of("Ferrowby")))
                .contains("We earn a commission when you buy at Ferrowby through our links.");
        assertThat(ShopCommission.forReaders(List.of("Ferrowby", "Quillmarket", "Slipway Goods")))
                .contains(
                        "We earn a commission when you buy at Ferrowby, Quillmarket or Slipway Goods through our links.");
    }
}
