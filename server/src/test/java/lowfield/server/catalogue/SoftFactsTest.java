package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class SoftFactsTest {
    private final World world = new World();
    private final String five = world.parts.get("merrowby-vane-five-8-gb-black");
    private final String basalt = world.parts.get("hartle-basalt-16-gb");

    /** The tests' catalogue is one. */
    @AfterEach
    void takeOut() {
        for (var part : List.of(five, basalt)) {
            known(part)
                    .path("facts")
                    .forEach(f -> world.ines.call(
                            "DELETE", "/api/facts/" + f.path("id").asString(), null, null));
        }
    }

    private JsonNode known(String part) {
        return world.ines.get("/api/parts/" + part + "/facts").json();
    }

    private Caller.Answer review(String part, int hundredths, int count, String source) {
        return world.ines.post(
                "/api/parts/" + part + "/facts",
                Map.of(
                        "form",
                        "REVIEW",
                        "scoreHundredths",
                        hundredths,
                        "outOf",
                        5,
                        "count",
                        count,
                        "source",
                        source,
                        "on",
                        "2026-11-20"));
    }

    private JsonNode compared(String figure) {
        return world.ines
                .get("/api/parts/compared?ids=" + five + "&ids=" + basalt)
                .json()
                .valueStream()
                .filter(r -> r.path("figure").asString().equals(figure))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void reviewsAndOwnHandsAreKeptAndStandSideBySide() {
        assertThat(known(five).path("reviews").asString()).isEmpty();
        assertThat(review(five, 450, 100, "Ferrowby").status()).isEqualTo(201);
        review(five, 300, 20, "The Bench Weekly");
        world.tom.post("/api/parts/" + five + "/facts", Map.of("form", "BUILT_WITH", "words", "slides in easily"));
        var known = known(five);
        // 90% of 100 and 60% of 20 are 85% of 120.
        assertThat(known.path("reviews").asString()).isEqualTo("85% over 120 reviews from 2 sources");
        assertThat(known.path("facts").valueStream().map(f -> f.path("form").asString()))
                .contains("BUILT_WITH", "REVIEW");
        assertThat(compared("reviews").path("cells").get(0).asString()).startsWith("85% over 120");
        assertThat(compared("reviews").path("cells").get(1).asString()).isEmpty();
        assertThat(compared("known").path("cells").valueStream().map(JsonNode::asString))
                .containsExactly("1", "0");
        var first = known.path("facts").get(0).path("id").asString();
        assertThat(world.ines.call("DELETE", "/api/facts/" + first, null, null).status())
                .isEqualTo(204);
        assertThat(world.ines.call("DELETE", "/api/facts/" + first, null, null).status())
                .isEqualTo(404);
        assertThat(known(five).path("facts")).hasSize(2);
    }

    @Test
    void aTableForReadersTellsTheReviews() {
        review(five, 450, 100, "<script>alert(1)</script>");
        world.filled().round();
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("compared", List.of(five, basalt)));
        var table = world.publish()
                .path("tiers")
                .get(0)
                .path("builds")
                .get(0)
                .path("lines")
                .valueStream()
                .filter(l -> l.path("slot").asString().equals("Graphics card"))
                .findFirst()
                .orElseThrow()
                .path("compared");
        var reviews = table.path("rows")
                .valueStream()
                .filter(r -> r.path("label").asString().equals("reviews"))
                .findFirst()
                .orElseThrow();
        assertThat(reviews.path("cells").get(0).asString()).isEqualTo("90% over 100 reviews from 1 source");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"form\":\"REVIEW\",\"source\":\"Ferrowby\"}; A review has a score.",
                "{\"form\":\"REVIEW\",\"scoreHundredths\":450,\"source\":\"Ferrowby\"}; A score has its best and",
                "{\"form\":\"REVIEW\",\"scoreHundredths\":501,\"outOf\":5,\"count\":1,\"source\":\"F\"}; A score is from 0 to 5",
                "{\"form\":\"REVIEW\",\"scoreHundredths\":500,\"outOf\":5,\"count\":0,\"source\":\"F\"}; A score is of 1 to",
                "{\"form\":\"REVIEW\",\"scoreHundredths\":500,\"outOf\":5,\"count\":1}; Say who says so",
                "{\"form\":\"OTHER\",\"source\":\"F\"}; Say what is said of it.",
                "{\"form\":\"OWNED\",\"on\":\"2999-01-01\"}; The day 2999-01-01 has not come yet."
            })
    void whatIsHalfSaidIsToldAndNotKept(String body, String why) {
        var answer = world.ines.post("/api/parts/" + five + "/facts", Caller.JSON.readTree(body));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith(why);
        assertThat(known(five).path("facts")).isEmpty();
    }

    @Test
    void longTextsAndPartsThatAreNotThereAreRefused() {
        var long_ = Map.of("form", "OTHER", "source", "F", "words", "a".repeat(501));
        assertThat(world.ines.post("/api/parts/" + five + "/facts", long_).detail())
                .contains("at most 500 letters");
        var nobody = "/api/parts/" + UUID.randomUUID() + "/facts";
        assertThat(world.ines.get(nobody).status()).isEqualTo(404);
        assertThat(world.ines.post(nobody, Map.of("form", "OWNED")).status()).isEqualTo(404);
    }

    /** They are said by a person; a guide prints them as its own where its author says so, and disclosures always. */
    @Test
    void aGuidePrintsWhatItsPeopleHandledOnlyWhereItsAuthorSaysSo() {
        world.filled().round();
        var part = "/api/parts/" + world.parts.get("hollowell-byre-m-black") + "/facts";
        world.tom.post(part, Map.of("form", "BUILT_WITH", "words", ""));
        world.tom.post(part, Map.of("form", "GIFT", "words", ""));
        world.publish();
        assertThat(world.read("/" + world.slug))
                .contains("It was given to us.")
                .doesNotContain("We have built with it.");
        var guide = world.ines.get("/api/guides/" + world.slug).json();
        var form = new HashMap<String, Object>(Caller.JSON.convertValue(guide, Map.class));
        List.of("id", "slug", "version").forEach(form::remove);
        form.put("printsHandling", true);
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/guides/" + world.slug,
                                form,
                                guide.path("version").asInt())
                        .status())
                .isEqualTo(200);
        world.publish();
        assertThat(world.read("/" + world.slug)).contains("We have built with it.");
    }
}
