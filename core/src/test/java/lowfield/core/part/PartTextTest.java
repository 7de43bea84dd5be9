package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PartTextTest {
    @ParameterizedTest
    @EnumSource
    void fitsFromItsLeastToItsMostAndNoFurther(PartText words) {
        for (int length = Math.max(0, words.least() - 2); length <= words.most() + 2; length++) {
            var fits = length >= words.least() && length <= words.most();
            assertThat(words.missed("x".repeat(length)).isEmpty()).isEqualTo(fits);
        }
    }

    @Test
    void saysWhatItIsAndWhatWasGiven() {
        assertThat(PartText.MAKER.of("  Hartle ")).isEqualTo("Hartle");
        assertThatThrownBy(() -> PartText.VARIANT.of("v".repeat(81)))
                .isInstanceOf(RuleBroken.class)
                .hasMessage("A variant's name has 0 to 80 letters; \"" + "v".repeat(40) + "…\" has not.");
        assertThat(PartText.PRODUCT.missed("Ho\0use")).contains("only characters that are text (no NUL)");
    }

    @Test
    void aProductThatNamesNoFamilyIsOneOfItsOwnName() {
        assertThat(PartText.family("Vane", "Vane Five")).isEqualTo("Vane");
        assertThat(PartText.family("", "Vane Five")).isEqualTo("Vane Five");
        assertThat(PartText.family("", "p".repeat(160))).isEqualTo("p".repeat(100));
    }
}
