package lowfield.core.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Which pictures a text shows. */
class TextPicturesTest {
    private static final UUID ONE = UUID.fromString("11111111-2222-3333-4444-555555555555");

    @Test
    void onceEachInOrder() {
        var two = UUID.fromString("21111111-2222-3333-4444-555555555555");
        assertThat(TextPictures.of("![a](picture:%s) and ![b](picture:%s), ![c](picture:%1$s)".formatted(ONE, two)))
                .containsExactly(ONE, two);
    }

    @Test
    void nothingElseIsOne() {
        assertThat(TextPictures.of(
                        "![a](picture:x) [b](picture:%s) picture:%1$s ![c](https://x.example)".formatted(ONE)))
                .isEmpty();
    }
}
