package lowfield.server.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Attacks through every text that an author can type stay words: on the page, in the preview, in the drawing of the fit. */
class HostileWordsTest {
    /** Ends an attribute, opens a tag that runs, and is a link that runs where it is taken for Markdown. */
    private static final String ATTACK = "\"'><svg onload=alert(7)>[x](javascript:alert(7))";

    private static final String OTHER_CARD = "hartle-basalt-16-gb";

    private final World world = new World();
    private String advisedAgainst = "";

    /** The avoid list is the whole desk's. */
    @AfterEach
    void takeOffTheAvoidList() {
        is(correct(advisedAgainst, Map.of("avoid", "")), "off the list");
    }

    private Caller.Answer correct(String part, Map<String, Object> change) {
        var version =
                world.ines.get("/api/parts/" + part).json().path("version").asInt();
        var body = new HashMap<>(change);
        body.put("version", version);
        return world.ines.call("PATCH", "/api/parts/" + part, body, version);
    }

    private String marked(String field) {
        return field + " " + ATTACK;
    }

    private static void is(Caller.Answer answer, String what) {
        assertThat(answer.status()).as("%s: %s", what, answer.detail()).isBetween(200, 299);
    }

    private void guide() {
        var form = new HashMap<>(Forms.guide(
                marked("Guide"),
                world.desk()
                        .path("guide")
                        .path("shops")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList()));
        form.put("disclosure", marked("Disclosure"));
        form.put("schedule", marked("Schedule"));
        is(
                world.ines.call(
                        "PUT",
                        "/api/guides/" + world.slug,
                        form,
                        world.desk().path("guide").path("version").asInt()),
                "guide");
    }

    private void tier() {
        var card = world.desk().path("cards").get(0);
        var form = new HashMap<>(Forms.tier(marked("Tier"), 84_000, 92_000));
        form.put("audience", marked("Audience"));
        form.put("promise", marked("Promise"));
        form.put(
                "wishes",
                Map.of("colours", List.of(marked("Colour")), "rearPorts", List.of(marked("Port")), "secureBoot", true));
        is(
                world.ines.call(
                        "PUT",
                        "/api/editions/" + world.edition + "/tiers/"
                                + card.path("tier").asString(),
                        form,
                        card.path("tierVersion").asInt()),
                "tier");
    }

    /** A part whose every word is an attack, on the line of the case. */
    private void part() {
        var made = world.ines.post(
                "/api/parts",
                Map.of(
                        "kind",
                        "CASE",
                        "maker",
                        marked("Maker"),
                        "family",
                        "Family",
                        "name",
                        marked("Case"),
                        "variant",
                        "black",
                        "spec",
                        Map.of(
                                "depth",
                                440,
                                "height",
                                450,
                                "width",
                                210,
                                "boardTop",
                                30,
                                "boardRear",
                                12,
                                "colour",
                                ATTACK)));
        is(made, "part");
        var part = made.json().path("id").asString();
        is(world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "PART", "part", part))), "case");
        advisedAgainst = part;
        is(correct(part, Map.of("avoid", marked("Avoid"))), "avoid");
        is(
                world.ines.post(
                        "/api/parts/" + part + "/facts",
                        Map.of("form", "GIFT", "words", marked("Words"), "source", marked("Source"))),
                "fact");
    }

    private void lines() {
        var option = Map.of("purpose", "UPGRADE", "part", world.parts.get(OTHER_CARD), "note", marked("Option"));
        is(
                world.edit(
                        world.ines,
                        world.line("GRAPHICS_CARD"),
                        Map.of("reason", marked("Reason"), "note", marked("Note"), "options", List.of(option))),
                "line");
        is(
                world.edit(
                        world.ines,
                        world.line("COOLER"),
                        Map.of(
                                "choice",
                                Map.of(
                                        "type",
                                        "FREE_HAND",
                                        "name",
                                        marked("Cooler"),
                                        "priceMinor",
                                        1000,
                                        "currency",
                                        "EUR",
                                        "available",
                                        true))),
                "free-hand");
        is(
                world.edit(
                        world.ines,
                        world.line("MEMORY"),
                        Map.of("choice", Map.of("type", "OWNED", "what", marked("Owned")))),
                "owned");
        is(
                world.ines.call(
                        "PUT",
                        "/api/editions/" + world.edition + "/builds/" + world.build + "/extras",
                        Map.of(
                                "adjustments",
                                List.of(Map.of(
                                        "id", UUID.randomUUID().toString(), "name", marked("Sum"), "minor", 500)),
                                "packages",
                                List.of()),
                        world.bench().path("card").path("version").asInt()),
                "extras");
    }

    private void texts() {
        var guide = world.desk().path("guide").path("id").asString();
        for (var place : List.of(List.of("EDITION", guide), List.of("BUILD", world.build))) {
            is(
                    world.ines.call(
                            "PUT",
                            "/api/editions/" + world.edition + "/texts/" + place.get(0) + "/" + place.get(1),
                            Map.of(
                                    "place",
                                    place.get(0),
                                    "introduction",
                                    marked("Introduction"),
                                    "verdict",
                                    marked("Verdict"),
                                    "disclosure",
                                    place.get(0).equals("BUILD") ? marked("Disclosed") : ""),
                            0),
                    "text");
        }
    }

    /** Each caution is answered by an attack, which readers get as a caveat. */
    private void answers() {
        world.bench()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("verdict").asString().equals("CAUTION"))
                .forEach(f -> is(
                        world.ines.call(
                                "PUT",
                                "/api/editions/" + world.edition + "/builds/" + world.build + "/answers/"
                                        + f.path("fingerprint").asString(),
                                Map.of("answer", marked("Answer")),
                                null),
                        "answer"));
    }

    private static void isWords(String page, String where) {
        assertThat(page)
                .as(where)
                .doesNotContainIgnoringCase(
                        "<svg onload", "href=\"javascript", "href='javascript", "'><svg", "\"><svg o");
    }

    @Test
    void whateverIsTypedStaysWords() {
        world.filled().round();
        guide();
        tier();
        part();
        lines();
        texts();
        answers();
        var edition = "/api/editions/" + world.edition;
        isWords(world.ines.get(edition + "/preview").text(), "the preview");
        isWords(
                world.ines
                        .get(edition + "/builds/" + world.build + "/fit")
                        .json()
                        .path("svg")
                        .asString(),
                "the fit");
        assertThat(world.ines
                        .get(edition + "/builds/" + world.build + "/fit")
                        .json()
                        .path("svg")
                        .asString())
                .contains("<svg class=\"fit\"");
        world.publishAnyway();
        is(world.publish(world.ines), "publishing");
        var page = world.read("/" + world.slug);
        assertThat(Stream.of(
                        "Guide", "Tier", "Promise", "Reason", "Option", "Cooler", "Sum", "Introduction", "Verdict"))
                .allSatisfy(field -> assertThat(page).contains(field + " "));
        for (var at : List.of("", "/editions/1", "/archive")) {
            isWords(world.read("/" + world.slug + at), "/" + world.slug + at);
        }
    }
}
