package lowfield.server.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Introductions and verdicts: written, undone, held against the data, carried over, published. */
class TextsTest {
    private World world = new World();

    @BeforeEach
    void pricedBuild() {
        world.filled();
        world.round();
    }

    private String texts() {
        return "/api/editions/" + world.edition + "/texts";
    }

    private String guide() {
        return world.desk().path("guide").path("id").asString();
    }

    private Caller.Answer write(String place, String id, int version, String introduction, String verdict) {
        return write(place, id, version, Map.of("introduction", introduction, "verdict", verdict));
    }

    private Caller.Answer write(String place, String id, int version, Map<String, Object> over) {
        var body = new HashMap<String, Object>(
                Map.of("place", place, "introduction", "", "verdict", "", "disclosure", ""));
        body.putAll(over);
        return world.ines.call("PUT", texts() + "/" + place + "/" + id, body, version);
    }

    private JsonNode written() {
        return world.ines.get(texts()).json().path("texts");
    }

    @Test
    void theEditionATierAndABuildCanHaveWords() {
        var places = world.ines.get(texts()).json().path("places");
        assertThat(places.valueStream().map(p -> p.path("place").asString())).contains("EDITION", "TIER", "BUILD");
        assertThat(write("EDITION", guide(), 0, "The market this month.", "Take the Bosun at {{bosun.total}}.")
                        .status())
                .isEqualTo(200);
        assertThat(write(
                                "BUILD",
                                world.build,
                                0,
                                Map.of("handled", "BUILT_WITH", "disclosure", "The case was lent to us."))
                        .status())
                .isEqualTo(200);
        world.publish();
        var page = world.read("/" + world.slug);
        assertThat(page)
                .contains(
                        "The market this month.",
                        "Take the Bosun at ",
                        "We have built with it.",
                        "The case was lent to us.")
                .doesNotContain("{{bosun.total}}");
    }

    /** A shop is every world's, so that it is put back as it was. */
    @Test
    void aCommissionOfAShopStandsAtWhatIsBoughtThere() {
        var shops = world.ines.get("/api/shops").json();
        shops.forEach(s -> earning(s.path("id").asString(), true));
        try {
            world.publish();
            assertThat(world.read("/" + world.slug)).containsPattern("We earn a commission when you buy at \\w+");
        } finally {
            shops.forEach(s -> earning(s.path("id").asString(), false));
        }
    }

    private void earning(String shop, boolean is) {
        var now = world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("id").asString().equals(shop))
                .findFirst()
                .orElseThrow();
        var changed = ((ObjectNode) now.deepCopy()).put("earnsCommission", is);
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/shops/" + shop,
                                changed,
                                now.path("version").asInt())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void factsThatFailAndFiguresThatDifferAreTold() {
        write("TIER", tier(), 0, "{{nonsense}} and the Test merrowby-vane-five-8-gb-black has 20 GB of memory.", "");
        var introduction = written().get(0).path("introduction");
        assertThat(introduction.path("problems").get(0).path("sentence").asString())
                .contains("{{nonsense}}");
        var gate = world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .toString();
        assertThat(gate).contains("Introduction to Bosun has a fact that fails", "Introduction to Bosun says 20 GB");
        assertThat(introduction.path("slips").get(0).path("sentence").asString())
                .contains("is 8 GB");
    }

    private String tier() {
        return world.desk().path("cards").get(0).path("tier").asString();
    }

    @Test
    void aTextIsUndoneAndBroughtBack() {
        write("EDITION", guide(), 0, "First.", "");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(written()).isEmpty();
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(written().get(0).path("state").path("introduction").asString())
                .isEqualTo("First.");
    }

    @Test
    void anOlderVersionIsNotWrittenOver() {
        write("EDITION", guide(), 0, "First.", "");
        var late = write("EDITION", guide(), 0, "Second.", "");
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().path("theirs").path("introduction").asString()).isEqualTo("First.");
        assertThat(written().get(0).path("state").path("introduction").asString())
                .isEqualTo("First.");
    }

    @Test
    void theNextEditionBeginsWithTheWordsOfTheLast() {
        write("TIER", tier(), 0, "For most.", "");
        world.publish();
        assertThat(written().get(0).path("state").path("introduction").asString())
                .isEqualTo("For most.");
    }

    @ParameterizedTest
    @CsvSource({"TIER", "BUILD", "COMPARISON", "EDITION"})
    void whatIsElsewhereIsRefused(String place) {
        assertThat(write(place, UUID.randomUUID().toString(), 0, "x", "").status())
                .isEqualTo(404);
    }

    @Test
    void whatIsTooLongOrOutOfPlaceIsRefused() {
        assertThat(write("EDITION", guide(), 0, "x".repeat(100_000), "").status())
                .isEqualTo(422);
        assertThat(write("EDITION", guide(), 0, Map.of("handled", "OWNED")).status())
                .isEqualTo(422);
        assertThat(write("BUILD", world.build, 0, Map.of("handled", "GIFT")).status())
                .isEqualTo(422);
        assertThat(write("NOWHERE", guide(), 0, "x", "").status()).isBetween(400, 422);
        assertThat(written()).isEmpty();
    }

    /** Every kind of attack stays words, on the page as in the preview. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "<script>alert(1)</script>",
                "<svg onload=alert(1)>",
                "[x](javascript:alert(1))",
                "![x](https://evil.example/p.png)",
                "<style>body{background:url(https://evil.example)}</style>",
                "<iframe src=https://evil.example></iframe>"
            })
    void attacksStayWords(String attack) {
        write("EDITION", guide(), 0, attack, attack);
        write("BUILD", world.build, 0, Map.of("introduction", attack, "disclosure", attack));
        assertThat(written().get(0).path("introduction").path("html").asString())
                .doesNotContainIgnoringCase("<script", "<svg", "<img", "<style", "<iframe", "href=\"javascript");
        world.publish();
        assertThat(world.read("/" + world.slug))
                .doesNotContainIgnoringCase(
                        "<script>alert", "onload=alert(1)>", "<style>body", "<iframe", "href=\"javascript", "<img src");
    }
}
