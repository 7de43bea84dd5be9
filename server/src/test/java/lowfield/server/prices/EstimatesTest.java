package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import lowfield.server.kit.Caller;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Likely prices of parts that are announced. */
class EstimatesTest extends TypedPriceCase {
    // ---- estimates -----------------------------------------------------------------------------------

    private String announced() {
        var like = world.ines.get("/api/parts/" + world.parts.get(CASE)).json().path("part");
        var part = world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "CASE",
                                "maker",
                                "Test",
                                "family",
                                "",
                                "name",
                                "announced " + world.slug,
                                "variant",
                                "",
                                "spec",
                                Caller.JSON.convertValue(like.path("spec"), Map.class)))
                .json()
                .path("id")
                .asString();
        world.ines.call("PATCH", "/api/parts/" + part, Map.of("release", "ANNOUNCED"), 1);
        return part;
    }

    private Caller.Answer estimate(String part, Map<String, Object> basis) {
        return world.ines.call("PUT", "/api/parts/" + part + "/estimate", basis, null);
    }

    @Test
    void anAnnouncedPartMakesTheTotalARangeUntilItIsSold() {
        world.filled().round();
        var sold = caseLine().path("goods").path("minor").asLong();
        var total = total().path("minor").asLong();
        var part = announced();
        world.parts.put("announced", part);
        world.choose("CASE", "announced");
        assertThat(total().path("blame")).isNotEmpty();
        var basis = Map.<String, Object>of(
                "type", "TIMES", "comparable", world.parts.get(CASE), "factorPermille", 2000, "spreadPermille", 100);
        assertThat(estimate(part, basis).status()).isEqualTo(204);
        var line = caseLine();
        assertThat(line.path("goods").path("span").path("likelyMinor").asLong()).isEqualTo(2 * sold);
        assertThat(line.path("estimated").asString()).contains("times 2", "give or take 10%");
        assertThat(total().path("span").path("likelyMinor").asLong()).isEqualTo(total + sold);
        assertThat(gauge().path("bookable").path("minor").isNull()
                        || gauge().path("bookable").path("minor").isMissingNode())
                .isTrue();
        var typed = price(sold + 700);
        assertThat(world.ines.post("/api/parts/" + part + "/prices", typed).status())
                .isEqualTo(201);
        assertThat(total().path("minor").asLong()).isEqualTo(total + 700);
        world.parts.remove("announced");
    }

    /** The likely sum large, from where to where it may be beside it; so in the list of tiers and on the line. */
    @Test
    void readersSeeAnEstimateAsOne() {
        world.filled().round();
        var part = announced();
        world.parts.put("announced", part);
        world.choose("CASE", "announced");
        estimate(
                part,
                Map.of(
                        "type",
                        "TIMES",
                        "comparable",
                        world.parts.get(CASE),
                        "factorPermille",
                        1000,
                        "spreadPermille",
                        100));
        var span = total().path("span");
        world.publish();
        var page = world.read("/" + world.slug);
        var likely = "about " + sum(span.path("likelyMinor").asLong());
        var range = sum(span.path("lowMinor").asLong()) + " to "
                + sum(span.path("highMinor").asLong());
        assertThat(page)
                .contains("<p class=\"total about\">" + likely + "</p>", "<p>an estimate, " + range + "</p>")
                .contains("<b>" + likely + "</b>")
                .doesNotContain(likely + ", " + range);
        world.parts.remove("announced");
    }

    /** The same total, range and change at the desk, in the finder, before publishing and in the next edition. */
    @Test
    void anEstimatedTotalIsTheSameInEveryPlace() {
        world.filled().round();
        world.publish();
        var sold = caseLine().path("goods").path("minor").asLong();
        var before = total().path("minor").asLong();
        var part = announced();
        world.parts.put("announced", part);
        world.choose("CASE", "announced");
        estimate(
                part,
                Map.of(
                        "type",
                        "TIMES",
                        "comparable",
                        world.parts.get(CASE),
                        "factorPermille",
                        1500,
                        "spreadPermille",
                        100));
        var likely = before + sold / 2;
        assertThat(total().path("span").path("likelyMinor").asLong()).isCloseTo(likely, within(1L));
        assertThat(gauge().path("lastMinor").asLong()).isEqualTo(before);
        var proof = world.ines.get("/api/editions/" + world.edition + "/proof").json();
        assertThat(proof.path("totals").get(0).path("totalMinor").asLong()).isCloseTo(likely, within(1L));
        world.publish();
        assertThat(world.read("/" + world.slug)).contains("in all about +");
        assertThat(gauge().path("lastMinor").asLong()).isCloseTo(likely, within(1L));
        world.parts.remove("announced");
    }

    private static String sum(long minor) {
        return java.text.NumberFormat.getNumberInstance(java.util.Locale.forLanguageTag("en-150"))
                        .format(minor / 100)
                + ".%02d".formatted(minor % 100);
    }

    private JsonNode gauge() {
        return world.bench().path("tally").path("gauge");
    }

    private JsonNode total() {
        return gauge().path("total");
    }

    @Test
    void anEstimateIsSetReadAndTakenAway() {
        var part = announced();
        assertThat(world.ines.get("/api/parts/" + part + "/estimate").status()).isEqualTo(204);
        estimate(
                part,
                Map.of(
                        "type",
                        "STEP",
                        "comparable",
                        world.parts.get(CASE),
                        "stepMinor",
                        -500,
                        "currency",
                        "EUR",
                        "spreadPermille",
                        0));
        assertThat(world.ines
                        .get("/api/parts/" + part + "/estimate")
                        .json()
                        .path("stepMinor")
                        .asLong())
                .isEqualTo(-500);
        world.ines.call("DELETE", "/api/parts/" + part + "/estimate", null, null);
        assertThat(world.ines.get("/api/parts/" + part + "/estimate").status()).isEqualTo(204);
    }

    @Test
    void anEstimateWithoutGroundIsRefused() {
        var part = announced();
        assertThat(estimate(part, Map.of("type", "SUGGESTED", "spreadPermille", 50))
                        .detail())
                .contains("no MSRP");
        assertThat(estimate(part, Map.of("type", "TIMES", "spreadPermille", 50)).detail())
                .contains("needs a");
        assertThat(estimate(
                                part,
                                Map.of(
                                        "type",
                                        "TIMES",
                                        "comparable",
                                        part,
                                        "factorPermille",
                                        1000,
                                        "spreadPermille",
                                        50))
                        .detail())
                .contains("with itself");
        assertThat(estimate(
                                part,
                                Map.of(
                                        "type",
                                        "TIMES",
                                        "comparable",
                                        world.parts.get("kelder-550-gold"),
                                        "factorPermille",
                                        1000,
                                        "spreadPermille",
                                        50))
                        .detail())
                .contains("one kind");
    }
}
