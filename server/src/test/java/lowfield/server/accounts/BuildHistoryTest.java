package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Notes, names and order of builds and tiers, and the way back to an older state. */
class BuildHistoryTest extends SharingCase {
    private Caller.Answer change(String build, Map<String, Object> patch) {
        var version = bench(build).path("card").path("version").asInt();
        return world.ines.call("PATCH", "/api/editions/" + world.edition + "/builds/" + build, patch, version);
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

    @Test
    void tiersComeChangePlacesAndGoEachInOneStep() {
        var undo = "/api/editions/" + world.edition + "/undo";
        var redo = "/api/editions/" + world.edition + "/redo";
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers",
                Forms.tier("Dinghy", 30000, 40000));
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
                Forms.tier("Dinghy", 30000, 40000));
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
