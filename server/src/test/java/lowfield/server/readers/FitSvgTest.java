package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing;
import lowfield.core.fit.FitDrawing.Box;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The drawing: where names stand, and that words of parts stay words. */
class FitSvgTest {
    private static Box box(Box.Sort sort, String name, String detail, int y, int width, int height) {
        return new Box(sort, name, detail, 0, y, width, height, Verdict.FITS);
    }

    private static String drawn(Box... boxes) {
        return FitSvg.of(new FitDrawing(
                List.of(new FitDrawing.Panel("From the side", 450, 465, List.of(boxes), List.of(), List.of())),
                List.of(),
                List.of()));
    }

    private static int at(String svg, String words) {
        var found = Pattern.compile("y=\"(\\d+)\"[^>]*>" + Pattern.quote(words)).matcher(svg);
        assertThat(found.find()).isTrue();
        return Integer.parseInt(found.group(1));
    }

    /** A motherboard's name stands below the card that lies over it, as far as there is room. */
    @ParameterizedTest
    @CsvSource({"305, true", "244, false"})
    void aMotherboardsNameIsNotCovered(int height, boolean isDetailed) {
        var svg = drawn(
                box(Box.Sort.BOARD, "Quay micro", "its size", 30, 244, height),
                box(Box.Sort.CARD, "A card", "", 190, 242, 52));
        assertThat(at(svg, "Quay micro") - 12).isGreaterThanOrEqualTo(190 + 52);
        assertThat(svg.contains("its size")).isEqualTo(isDetailed);
    }

    /** Where a drive lies over the lower edge, the name would stand on it; the words beside the drawing have it. */
    @Test
    void aMotherboardWithoutRoomForItsNameHasNone() {
        var svg = drawn(
                box(Box.Sort.BOARD, "Quay micro", "its size", 30, 244, 244),
                box(Box.Sort.DRIVE, "Beck", "80 × 22 mm", 250, 80, 22));
        assertThat(svg).contains("Beck").doesNotContain("Quay micro");
    }

    @Test
    void theHeightOfTheShroudIsToldAboveIt() {
        var svg = drawn(
                box(Box.Sort.TRAY, "", "PSU shroud, 100 mm high", 365, 440, 100),
                box(Box.Sort.CAGE, "drive cage", "1 drive in it", 377, 440, 88));
        assertThat(at(svg, "PSU shroud, 100 mm high")).isLessThan(365);
        assertThat(at(svg, "1 drive in it")).isGreaterThan(377);
    }

    /** The words of a clearance that is shorter than they are stand beside the part, not on its name. */
    @ParameterizedTest
    @CsvSource({"58, 120", "6, 154", "40, 130"})
    void theWordsOfAClearanceLieOnNoPart(int left, int wide) {
        var svg = FitSvg.of(new FitDrawing(
                List.of(new FitDrawing.Panel(
                        "In cross-section",
                        210,
                        420,
                        List.of(new Box(Box.Sort.CARD, "card", "", left, 180, wide, 45, Verdict.FITS)),
                        List.of(new FitDrawing.Measure(0, 202, left, 202, left + " mm free", Verdict.FITS)),
                        List.of())),
                List.of(),
                List.of()));
        var baseline = at(svg, left + " mm free");
        assertThat(baseline < 180 || baseline - 12 > 180 + 45).isTrue();
    }

    @Test
    void wordsStayWords() {
        assertThat(drawn(box(Box.Sort.CARD, "<script>", "\"onload=", 10, 300, 60)))
                .contains("&lt;script&gt;")
                .doesNotContain("<script");
    }
}
