package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A variant shares its lead's choices except where it differs. */
class SharingTest {
    private final World world = new World();
    private String variant;

    @BeforeEach
    void aVariantOfAFilledBuild() {
        world.filled().round();
        variant = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "second card"))
                .json()
                .path("build")
                .asString();
    }

    private JsonNode line(String slot) {
        return World.line(
                world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + variant + "/bench")
                        .json(),
                slot);
    }

    private static Map<String, Object> part(String id) {
        return Map.of("choice", Map.of("type", "PART", "part", id));
    }

    private String basalt() {
        return world.parts.get("hartle-basalt-16-gb");
    }

    @Test
    void aChangeAtTheSourceReachesTheFollowers() {
        assertThat(line("GRAPHICS_CARD").path("follows").path("where").asString())
                .isEqualTo("Bosun, main build");
        assertThat(world.line("GRAPHICS_CARD")
                        .path("followers")
                        .get(0)
                        .path("build")
                        .asString())
                .isEqualTo(variant);
        var reach = world.ines
                .get("/api/editions/" + world.edition + "/lines/"
                        + world.line("GRAPHICS_CARD").path("id").asString() + "/reach?part=" + basalt())
                .json();
        assertThat(reach).hasSize(1);
        assertThat(reach.get(0).path("where").path("where").asString()).isEqualTo("Bosun, second card");
        assertThat(reach.get(0)
                        .path("trouble")
                        .valueStream()
                        .map(t -> t.path("check").asString()))
                .contains("card-length");
        world.edit(world.ines, world.line("GRAPHICS_CARD"), part(basalt()));
        assertThat(line("GRAPHICS_CARD").path("label").asString()).contains("basalt");
        assertThat(line("GRAPHICS_CARD").path("reason").asString()).isEqualTo("Because it is **right** here.");
    }

    @Test
    void aFollowerLetsGoAndComesBack() {
        world.edit(world.ines, line("GRAPHICS_CARD"), part(basalt()));
        assertThat(line("GRAPHICS_CARD").path("follows").isNull()).isTrue();
        assertThat(world.line("GRAPHICS_CARD").path("label").asString()).contains("vane-five");
        var back = Map.of(
                "following",
                Map.of("line", world.line("GRAPHICS_CARD").path("id").asString()));
        world.edit(world.ines, line("GRAPHICS_CARD"), back);
        assertThat(line("GRAPHICS_CARD").path("label").asString()).contains("vane-five");
        var letGo = new HashMap<String, Object>();
        letGo.put("line", null);
        world.edit(world.ines, line("GRAPHICS_CARD"), Map.of("following", letGo));
        world.edit(world.ines, world.line("GRAPHICS_CARD"), part(basalt()));
        assertThat(line("GRAPHICS_CARD").path("label").asString()).contains("vane-five");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(line("GRAPHICS_CARD").path("follows").path("line").asString())
                .isEqualTo(world.line("GRAPHICS_CARD").path("id").asString());
    }

    @Test
    void aReasonOfItsOwnIsKeptWhileTheChoiceFollows() {
        world.edit(world.ines, line("CASE"), Map.of("reason", "The same case, for other reasons."));
        assertThat(line("CASE").path("follows").isNull()).isFalse();
        assertThat(line("CASE").path("reason").asString()).isEqualTo("The same case, for other reasons.");
        assertThat(line("CASE").path("reasonStale").asBoolean()).isFalse();
        assertThat(world.line("CASE").path("reason").asString()).isEqualTo("Because it is **right** here.");
    }

    @Test
    void circlesAndStrangersAreRefused() {
        var circle = world.edit(
                world.ines,
                world.line("CASE"),
                Map.of("following", Map.of("line", line("CASE").path("id").asString())));
        assertThat(circle.status()).isEqualTo(422);
        assertThat(circle.detail()).contains("cannot follow itself");
        var stranger = world.edit(
                world.ines,
                line("CASE"),
                Map.of("following", Map.of("line", line("MEMORY").path("id").asString())));
        assertThat(stranger.detail()).contains("different kinds of part");
        assertThat(world.line("CASE").path("follows").isNull()).isTrue();
    }

    @Test
    void theLadderShowsWhatRunsThrough() {
        world.edit(world.ines, line("GRAPHICS_CARD"), part(basalt()));
        var ladder =
                world.ines.get("/api/editions/" + world.edition + "/ladder").json();
        var second = ladder.path("columns").get(1);
        assertThat(second.path("changed").asInt()).isEqualTo(1);
        assertThat(second.path("stepMinor").asLong()).isPositive();
        assertThat(second.path("rungs")
                        .valueStream()
                        .filter(r -> !r.path("runsOn").asBoolean())
                        .map(r -> r.path("slot").asString()))
                .containsExactly("GRAPHICS_CARD");
    }

    private JsonNode bench(String build) {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + build + "/bench")
                .json();
    }

    private Caller.Answer remove(String build, int stamp) {
        return world.ines.call("DELETE", "/api/editions/" + world.edition + "/builds/" + build, null, stamp);
    }

    private Caller.Answer change(String build, Map<String, Object> patch) {
        var version = bench(build).path("card").path("version").asInt();
        return world.ines.call("PATCH", "/api/editions/" + world.edition + "/builds/" + build, patch, version);
    }

    @Test
    void variantsGoAndLeadsStay() {
        var path = "/api/editions/" + world.edition + "/builds/";
        var lead = bench(world.build).path("stamp").asInt();
        assertThat(world.ines.call("DELETE", path + variant, null, null).status())
                .isEqualTo(428);
        assertThat(remove(world.build, lead).detail()).contains("follow");
        assertThat(remove(variant, bench(variant).path("stamp").asInt()).status())
                .isEqualTo(204);
        assertThat(remove(world.build, lead).detail()).contains("keeps its main");
        assertThat(world.bench().path("lines")).hasSizeGreaterThan(7);
    }

    @Test
    void aVariantThatWasChangedMeanwhileIsNotRemoved() {
        var read = bench(variant).path("stamp").asInt();
        world.edit(world.tom, line("CASE"), Map.of("quantity", 2));
        assertThat(remove(variant, read).status()).isEqualTo(412);
        assertThat(line("CASE").path("quantity").asInt()).isEqualTo(2);
    }

    @Test
    void aVariantComesAndGoesInOneStep() {
        world.edit(world.ines, line("GRAPHICS_CARD"), part(basalt()));
        world.edit(world.ines, line("CASE"), Map.of("reason", "Its own words."));
        remove(variant, bench(variant).path("stamp").asInt());
        assertThat(bench(variant).path("status").asInt()).isEqualTo(404);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(line("GRAPHICS_CARD").path("label").asString()).contains("basalt");
        assertThat(line("CASE").path("reason").asString()).isEqualTo("Its own words.");
        assertThat(line("MEMORY").path("follows").isNull()).isFalse();
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(bench(variant).path("status").asInt()).isEqualTo(404);
    }

    @Test
    void makingAVariantIsUndoneInOneStep() {
        var undone = world.ines
                .post("/api/editions/" + world.edition + "/undo", Map.of())
                .json();
        assertThat(undone.path("label").asString()).isEqualTo("second card: variant made");
        assertThat(bench(variant).path("status").asInt()).isEqualTo(404);
        assertThat(world.desk().path("cards")).hasSize(1);
    }

    @Test
    void buildsAreNamedMovedAndNotedOn() {
        var third = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "third"))
                .json()
                .path("build")
                .asString();
        assertThat(change(third, Map.of("position", 1, "name", "quiet one")).status())
                .isEqualTo(204);
        assertThat(change(third, Map.of("note", "ask the rooms about it")).status())
                .isEqualTo(204);
        var names = world.desk()
                .path("cards")
                .valueStream()
                .map(c -> c.path("buildName").asString())
                .toList();
        assertThat(names).containsExactly("main build", "quiet one", "second card");
        assertThat(bench(third).path("card").path("note").asString()).isEqualTo("ask the rooms about it");
        assertThat(change(third, Map.of("position", 0)).detail()).contains("stands first");
        assertThat(change(third, Map.of("name", " ")).detail()).contains("1 to 80 letters");
        assertThat(world.ines
                        .call("PATCH", "/api/editions/" + world.edition + "/builds/" + third, Map.of("name", "late"), 1)
                        .status())
                .isEqualTo(412);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(bench(third).path("card").path("buildName").asString()).isEqualTo("third");
    }

    @Test
    void anEditionHasANoteForTheAuthor() {
        var path = "/api/editions/" + world.edition + "/note";
        var version = world.desk().path("edition").path("version").asInt();
        assertThat(world.ines
                        .call("PUT", path, Map.of("note", "look at supplies next time"), version)
                        .status())
                .isEqualTo(204);
        assertThat(world.desk().path("edition").path("note").asString()).isEqualTo("look at supplies next time");
        assertThat(world.ines.call("PUT", path, Map.of("note", "late"), version).status())
                .isEqualTo(412);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.desk().path("edition").path("note").asString()).isEmpty();
    }

    @Test
    void anOlderStateIsBroughtBackFromTheHistory() {
        world.edit(world.tom, world.line("CASE"), Map.of("quantity", 2));
        world.edit(world.ines, world.line("CASE"), Map.of("quantity", 3));
        var path = "/api/editions/" + world.edition + "/builds/" + world.build + "/history";
        var steps = world.ines.get(path).json();
        assertThat(steps.get(1).path("by").asString()).startsWith("tom");
        var back = "/api/editions/" + world.edition + "/history/"
                + steps.get(1).path("id").asLong() + "/back";
        var newest = steps.get(0).path("id").asInt();
        assertThat(world.ines.post(back, Map.of()).status()).isEqualTo(428);
        assertThat(world.ines.call("POST", back, Map.of(), newest - 1).status()).isEqualTo(412);
        assertThat(world.ines.call("POST", back, Map.of(), newest).status()).isEqualTo(200);
        assertThat(world.line("CASE").path("quantity").asInt()).isEqualTo(1);
        assertThat(world.ines.call("POST", back, Map.of(), 999_999_999).detail())
                .contains("stands now");
        assertThat(world.ines.get(path).json().get(0).path("label").asString())
                .isEqualTo("back to before: Case: details");
        assertThat(world.ines
                        .call("POST", "/api/editions/" + world.edition + "/history/0/back", Map.of(), newest)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aNoteIsForTheAuthorAloneAndCarriedOver() {
        world.edit(world.ines, world.line("CASE"), Map.of("note", "look at the taller one next time"));
        assertThat(world.line("CASE").path("note").asString()).isEqualTo("look at the taller one next time");
        assertThat(world.edit(world.ines, world.line("CASE"), Map.of("note", "x".repeat(2001)))
                        .detail())
                .contains("2,000");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("CASE").path("note").asString()).isEmpty();
    }

    private Caller.Answer tier(String method, String tier, String more, Object body, int version) {
        return world.ines.call(method, "/api/editions/" + world.edition + "/tiers/" + tier + more, body, version);
    }

    private java.util.List<String> tierNames() {
        return world.desk()
                .path("cards")
                .valueStream()
                .map(c -> c.path("tierName").asString())
                .distinct()
                .toList();
    }

    private JsonNode card(String tierName) {
        return world.desk()
                .path("cards")
                .valueStream()
                .filter(c -> c.path("tierName").asString().equals(tierName))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void tiersComeChangePlacesAndGoEachInOneStep() {
        var undo = "/api/editions/" + world.edition + "/undo";
        var redo = "/api/editions/" + world.edition + "/redo";
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers",
                World.tier("Dinghy", 30000, 40000));
        assertThat(tierNames()).containsExactly("Bosun", "Dinghy");
        world.ines.post(undo, Map.of());
        assertThat(tierNames()).containsExactly("Bosun");
        world.ines.post(redo, Map.of());
        var dinghy = card("Dinghy").path("tier").asString();
        tier(
                "PUT",
                dinghy,
                "/place",
                Map.of("position", 0),
                card("Dinghy").path("tierVersion").asInt());
        assertThat(tierNames()).containsExactly("Dinghy", "Bosun");
        world.ines.post(undo, Map.of());
        assertThat(tierNames()).containsExactly("Bosun", "Dinghy");
        var bosun = card("Bosun");
        var stamp = bosun.path("tierStamp").asInt();
        world.edit(world.tom, line("CASE"), Map.of("quantity", 2));
        assertThat(tier("DELETE", bosun.path("tier").asString(), "", null, stamp)
                        .status())
                .isEqualTo(412);
        stamp = card("Bosun").path("tierStamp").asInt();
        assertThat(tier("DELETE", bosun.path("tier").asString(), "", null, stamp)
                        .status())
                .isEqualTo(204);
        assertThat(tierNames()).containsExactly("Dinghy");
        assertThat(tier(
                                "DELETE",
                                dinghy,
                                "",
                                null,
                                card("Dinghy").path("tierStamp").asInt())
                        .detail())
                .contains("keeps at least one tier");
        world.ines.post(undo, Map.of());
        assertThat(tierNames()).containsExactly("Bosun", "Dinghy");
        assertThat(line("CASE").path("quantity").asInt()).isEqualTo(2);
        assertThat(line("MEMORY").path("follows").isNull()).isFalse();
    }

    @Test
    void aTierThatOthersFollowStays() {
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers",
                World.tier("Dinghy", 30000, 40000));
        var dinghy = card("Dinghy");
        var box = World.line(bench(dinghy.path("build").asString()), "CASE");
        world.edit(
                world.ines,
                box,
                Map.of("following", Map.of("line", world.line("CASE").path("id").asString())));
        var bosun = card("Bosun");
        assertThat(tier(
                                "DELETE",
                                bosun.path("tier").asString(),
                                "",
                                null,
                                bosun.path("tierStamp").asInt())
                        .detail())
                .contains("Other builds follow Case");
    }
}
