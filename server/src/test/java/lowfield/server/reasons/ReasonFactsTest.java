package lowfield.server.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Facts in reasons: listed, previewed, held before publishing, frozen as text. */
class ReasonFactsTest {
    private final World world = new World();

    private String line(String slot) {
        return "/api/editions/" + world.edition + "/lines/"
                + world.line(slot).path("id").asString();
    }

    private Caller.Answer preview(String slot, String markdown) {
        return world.ines.post(line(slot) + "/reason-preview", Map.of("markdown", markdown));
    }

    private void reason(String slot, String markdown) {
        assertThat(world.edit(world.ines, world.line(slot), Map.of("reason", markdown))
                        .status())
                .isEqualTo(200);
    }

    private JsonNode fact(String slot, String path) {
        return world.ines
                .get(line(slot) + "/facts")
                .json()
                .valueStream()
                .filter(f -> f.path("path").asString().equals(path))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode gate() {
        return world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .valueStream()
                .filter(g -> g.path("check").asString().equals("REASONS"))
                .findFirst()
                .orElseThrow();
    }

    /** Typing on lengthens a step; facts in place of figures are one that undo takes back alone. */
    @Test
    void undoTakesFactsBackAlone() {
        world.choose("GRAPHICS_CARD", "hartle-basalt-16-gb");
        reason("GRAPHICS_CARD", "It has 16");
        reason("GRAPHICS_CARD", "It has 16 GB.");
        reason("GRAPHICS_CARD", "It has {{spec.memory}}.");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("GRAPHICS_CARD").path("reason").asString()).isEqualTo("It has 16 GB.");
    }

    @Test
    void aMenuShowsTodaysValuesAndAReasonIsFilledWithThem() {
        world.filled();
        world.round();
        var price = fact("GRAPHICS_CARD", "price");
        assertThat(price.path("isTold").asBoolean()).isTrue();
        assertThat(price.path("text").asString()).matches("[0-9]+\\.[0-9]{2}");
        assertThat(fact("GRAPHICS_CARD", "change.more").path("isTold").asBoolean())
                .isFalse();
        var shown = preview("GRAPHICS_CARD", "It costs **{{price}}** at {{shop}} and is {{share}} of the total.");
        assertThat(shown.json().path("problems")).isEmpty();
        assertThat(shown.json().path("html").asString())
                .contains("<strong>" + price.path("text").asString() + "</strong>", "% of the total");
    }

    /** The text that readers get is that of the day; a later price does not reach it. */
    @Test
    void onPublishingFactsBecomeText() {
        world.filled();
        world.round();
        var price = fact("CASE", "price").path("text").asString();
        reason("CASE", "Only {{price}}, and room for {{spec.cardlength}}.");
        var published = world.publish();
        assertThat(published.toString())
                .contains("Only " + price + ", and room for")
                .doesNotContain("{{");
        assertThat(world.line("CASE").path("reason").asString()).contains("{{price}}");
    }

    @Test
    void whatCannotBePrintedIsToldInTheQueueAndBeforePublishing() {
        world.filled();
        world.round();
        assertThat(gate().path("problems")).isEmpty();
        reason("CASE", "It costs {{pric}} and {{change.more}} more, {{shop");
        assertThat(preview("CASE", "{{pric}}")
                        .json()
                        .path("problems")
                        .get(0)
                        .path("sentence")
                        .asString())
                .contains("Perhaps {{price}}?");
        assertThat(gate().path("problems").get(0).path("sentence").asString()).contains("3 facts that fail");
        reason("CASE", "It costs {{price}}.");
        assertThat(gate().path("problems")).isEmpty();
    }

    /** The same path means the same on every line: a reason that goes along to another tier speaks of that one. */
    @Test
    void aReasonThatIsCopiedStaysTrueThere() {
        world.filled();
        world.round();
        reason("CASE", "In {{tier}} it is {{share}}.");
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers/from-build",
                Map.of(
                        "form", Forms.tier("Skipper", 90000, 99000),
                        "source", Map.of("edition", world.edition, "build", world.build, "how", "COPY")));
        world.publishAnyway();
        world.publish(world.ines);
        var page = world.read("/" + world.slug);
        assertThat(page).contains("In Bosun it is", "In Skipper it is");
    }

    /** Every kind of attack stays words: in the preview as on the page. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<img src=x onerror=alert(1)>",
                "<svg><script>alert(1)</script></svg>",
                "<svg/onload=alert(1)>",
                "[x](javascript:alert(1))",
                "[x](JaVaScRiPt:alert(1))",
                "[x](java&#115;cript:alert(1))",
                "[x](data:text/html;base64,PHNjcmlwdD4=)",
                "![x](https://evil.example/p.png)",
                "<a href=\"javascript:alert(1)\">x</a>",
                "<style>body{background:url(https://evil.example)}</style>",
                "<div style=\"background:url(javascript:alert(1))\">x</div>",
                "<math><mi//xlink:href=\"data:x,<script>alert(1)</script>\">",
                "<noscript><p title=\"</noscript><img src=x onerror=alert(1)>\">",
                "%3Cscript%3Ealert(1)%3C/script%3E",
                "\u202Ealert\u202C \u0301\u0301\u0301 \uD83D\uDE00"
            })
    void attacksStayWords(String attack) {
        world.filled();
        reason("CASE", attack);
        var html = preview("CASE", attack + " {{part}}").json().path("html").asString();
        assertThat(html)
                .doesNotContainIgnoringCase("<script", "<img", "<svg", "<style", "<math", "<noscript", "style=")
                .doesNotContainPattern("(?i)href=\"(?!https:|\")");
    }

    @Test
    void whatIsTooLongOrElsewhereIsRefused() {
        world.filled();
        assertThat(preview("CASE", "x".repeat(100_000)).status()).isEqualTo(422);
        assertThat(preview("CASE", "x".repeat(100_000)).detail()).contains("40,000 letters");
        assertThat(world.ines
                        .get("/api/editions/" + world.edition + "/lines/" + UUID.randomUUID() + "/facts")
                        .status())
                .isEqualTo(404);
        assertThat(world.ines
                        .get("/api/editions/" + UUID.randomUUID() + line("CASE").substring(50) + "/facts")
                        .status())
                .isEqualTo(404);
    }
}
