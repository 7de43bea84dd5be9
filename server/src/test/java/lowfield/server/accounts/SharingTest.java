package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import org.junit.jupiter.api.Test;

/** A variant shares its lead's choices except where it differs. */
class SharingTest extends SharingCase {
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

    private Caller.Answer remove(String build, int stamp) {
        return world.ines.call("DELETE", "/api/editions/" + world.edition + "/builds/" + build, null, stamp);
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
}
