package lowfield.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What becomes of a picture that somebody sends, and what is none. */
class PictureDrawingTest {
    private final PictureDrawing drawing = new PictureDrawing();

    private DrawnPicture drawn(byte[] sent, PictureSize size) {
        return drawing.draw(sent).stream()
                .filter(d -> d.size() == size)
                .findFirst()
                .orElseThrow();
    }

    private static BufferedImage pixels(DrawnPicture drawn) throws Exception {
        return ImageIO.read(new ByteArrayInputStream(drawn.body()));
    }

    private static boolean isRed(int rgb) {
        return (rgb >> 16 & 0xFF) > 180 && (rgb & 0xFF) < 80;
    }

    private static boolean isBlue(int rgb) {
        return (rgb & 0xFF) > 180 && (rgb >> 16 & 0xFF) < 80;
    }

    static Stream<byte[]> formats() {
        return Stream.of(SamplePictures.png(6, 4), SamplePictures.jpeg(6, 4), SamplePictures.WEBP);
    }

    @ParameterizedTest
    @MethodSource("formats")
    void everyFormatIsReadAndNothingIsEnlarged(byte[] sent) throws Exception {
        for (var drawn : drawing.draw(sent)) {
            assertThat(drawn.width()).isEqualTo(6);
            assertThat(drawn.height()).isEqualTo(4);
            assertThat(isRed(pixels(drawn).getRGB(0, 1))).isTrue();
            assertThat(isBlue(pixels(drawn).getRGB(5, 1))).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({"SMALL, 160, 80", "MEDIUM, 480, 240", "LARGE, 1280, 640"})
    void aLargePictureIsKeptInThreeSizes(PictureSize size, int width, int height) throws Exception {
        var drawn = drawn(SamplePictures.jpeg(6000, 3000), size);
        assertThat(drawn.width()).isEqualTo(width);
        assertThat(drawn.height()).isEqualTo(height);
        assertThat(pixels(drawn).getWidth()).isEqualTo(width);
        assertThat(isRed(pixels(drawn).getRGB(2, 2))).isTrue();
        assertThat(isBlue(pixels(drawn).getRGB(width - 3, height - 3))).isTrue();
    }

    @Test
    void whatIsTransparentStaysSo() throws Exception {
        var picture = new BufferedImage(20, 10, BufferedImage.TYPE_INT_ARGB);
        var drawn = drawn(SamplePictures.written(picture, "png"), PictureSize.SMALL);
        assertThat(drawn.contentType()).isEqualTo("image/png");
        assertThat(pixels(drawn).getRGB(3, 3) >>> 24).isZero();
    }

    /** Where the camera stood is gone, and the picture stands upright without being told to. */
    @Test
    void metadataAreGoneAndThePictureIsTurned() throws Exception {
        var sent = SamplePictures.jpegWithPlace(60, 40, 6);
        assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("54 north");
        for (var drawn : drawing.draw(sent)) {
            assertThat(new String(drawn.body(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif", "54 north");
            assertThat(drawn.width()).isEqualTo(40);
            assertThat(drawn.height()).isEqualTo(60);
            assertThat(isRed(pixels(drawn).getRGB(20, 5))).isTrue();
            assertThat(isBlue(pixels(drawn).getRGB(20, 55))).isTrue();
        }
    }

    /** Where the left edge of what was stored is seen: 2 right, 3 right, 4 left, 5 top, 6 top, 7 bottom, 8 bottom. */
    @ParameterizedTest
    @CsvSource({"1, 5, 20", "2, 55, 20", "3, 55, 20", "4, 5, 20", "5, 20, 5", "6, 20, 5", "7, 20, 55", "8, 20, 55"})
    void everyWayToHoldACameraIsSeenUpright(int orientation, int x, int y) throws Exception {
        var drawn = drawn(SamplePictures.jpegWithPlace(60, 40, orientation), PictureSize.SMALL);
        assertThat(isRed(pixels(drawn).getRGB(x, y))).isTrue();
    }

    static Stream<Arguments> none() {
        return Stream.of(
                Arguments.of("empty", new byte[0], "empty"),
                Arguments.of("words", "this is a picture".getBytes(StandardCharsets.UTF_8), "no picture"),
                Arguments.of(
                        "an SVG with a script",
                        "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>"
                                .getBytes(StandardCharsets.UTF_8),
                        "no picture"),
                Arguments.of("a GIF", "GIF89a\1\0\1\0".getBytes(StandardCharsets.ISO_8859_1), "no picture"),
                Arguments.of("only a PNG's first bytes", Arrays.copyOf(SamplePictures.png(6, 4), 8), "cannot be read"),
                Arguments.of("a PNG cut short", SamplePictures.cut(SamplePictures.png(300, 300)), "cannot be read"),
                Arguments.of("a WebP cut short", SamplePictures.cut(SamplePictures.WEBP), "cannot be read"),
                Arguments.of(
                        "a JPEG that is noise behind its first bytes",
                        new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, 1, 2, 3, 4},
                        "cannot be read"),
                Arguments.of("20,000 x 20,000", SamplePictures.pngOfZeros(20_000, 20_000, 100), "40 million pixels"),
                Arguments.of("one row of a mile", SamplePictures.pngOfZeros(2_000_000, 1, 100), "40 million pixels"),
                Arguments.of("no pixels", SamplePictures.pngOfZeros(0, 0, 100), "cannot be read"),
                Arguments.of("more than 10 MB", new byte[PictureDrawing.MOST_BYTES + 1], "10 MB"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("none")
    void whatIsNoPictureIsRefusedInASentence(String what, byte[] sent, String says) {
        assertThatThrownBy(() -> drawing.draw(sent))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(says);
    }

    /** Half a gigabyte of zeros in a picture of 100 x 100: no more than its rows is unpacked. */
    @Test
    void moreDataThanPixelsAreNotUnpacked() {
        var drawn = drawn(SamplePictures.pngOfZeros(100, 100, 500_000_000L), PictureSize.LARGE);
        assertThat(drawn.width()).isEqualTo(100);
        assertThat(drawn.body().length).isLessThan(20_000);
    }

    @Test
    void whatIsAppendedBehindAPictureIsGone() {
        var picture = SamplePictures.png(30, 30);
        var sent = Arrays.copyOf(picture, picture.length + 30);
        System.arraycopy("<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8), 0, sent, picture.length, 25);
        assertThat(new String(drawn(sent, PictureSize.SMALL).body(), StandardCharsets.ISO_8859_1))
                .doesNotContain("script");
    }
}
