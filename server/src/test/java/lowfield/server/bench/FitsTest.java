package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.readers.FitSvg;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The fit at the bench: of the build, and with a candidate on a line. */
class FitsTest {
    private final World world = new World();

    @BeforeEach
    void aBuild() {
        world.filled();
    }

    private Caller.Answer fit(String query) {
        return world.ines.get("/api/editions/" + world.edition + "/builds/" + world.build + "/fit" + query);
    }

    private static String words(JsonNode fit) {
        return fit.path("words").toString();
    }

    @Test
    void theBuildIsDrawnAndSaid() {
        var fit = fit("").json();
        assertThat(words(fit)).contains("Graphics card", "mm long; the case takes");
    }

    @Test
    void aCandidateIsTriedAndTheBuildStays() {
        var before = words(fit("").json());
        var line = world.line("GRAPHICS_CARD").path("id").asString();
        var tried = words(fit("?line=" + line + "&part=" + world.parts.get("hartle-basalt-16-gb"))
                .json());
        assertThat(tried).contains("331 mm long").isNotEqualTo(before);
        assertThat(words(fit("").json())).isEqualTo(before);
    }

    @Test
    void whatIsElsewhereOrHalfNamedIsRefused() {
        var line = world.line("GRAPHICS_CARD").path("id").asString();
        assertThat(fit("?line=" + line).status()).isEqualTo(422);
        assertThat(fit("?line=" + UUID.randomUUID() + "&part=" + world.parts.get("hartle-basalt-16-gb"))
                        .status())
                .isEqualTo(404);
        assertThat(fit("?line=" + line + "&part=" + world.parts.get("aldane-fennel-six"))
                        .status())
                .isEqualTo(422);
        assertThat(world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + UUID.randomUUID() + "/fit")
                        .status())
                .isEqualTo(404);
    }

    /** A name is a stranger's text; in the drawing it stays text. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "\"><svg onload=alert(1)>",
                "</text><foreignObject><img src=x onerror=alert(1)></foreignObject>",
                "url(javascript:alert(1))",
                "&#60;script&#62;",
                "]]><script>",
                "\u202Egnol\u202C"
            })
    void namesStayTextInTheDrawing(String attack) {
        var box = new FitDrawing.Box(FitDrawing.Box.Sort.CARD, attack, attack, 0, 0, 2000, 60, Verdict.FITS);
        var panel = new FitDrawing.Panel(
                attack,
                2000,
                400,
                List.of(box),
                List.of(new FitDrawing.Measure(0, 100, 50, 100, attack, Verdict.CLASH)),
                List.of(new FitDrawing.Absent(attack)));
        var svg = FitSvg.of(new FitDrawing(List.of(panel), List.of(), List.of()));
        assertThat(svg.replaceAll("</?(svg|g|rect|text|line|path)[ >][^<]*", ""))
                .doesNotContain("<");
        assertThat(svg).doesNotContain("<script", "onload=alert(1)>", "<foreignObject", "<img");
    }
}
