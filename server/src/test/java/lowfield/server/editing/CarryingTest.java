package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Choices carried from one build to another, with what belongs to them. */
class CarryingTest {
    private static final String OTHER_CARD = "hartle-basalt-16-gb";
    private final World world = new World().filled();
    private String other;

    @BeforeEach
    void anotherTier() {
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers",
                Forms.tier("Skipper", 120000, 140000));
        other = world.desk().path("cards").get(1).path("build").asString();
    }

    private JsonNode there(String slot) {
        return World.line(
                world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + other + "/bench")
                        .json(),
                slot);
    }

    private Caller.Answer carry(JsonNode line, Integer version) {
        var body = new HashMap<String, Object>(Map.of("build", other));
        body.put("version", version);
        return world.ines.post(
                "/api/editions/" + world.edition + "/lines/" + line.path("id").asString() + "/carried", body);
    }

    private Caller.Answer carry(String slot) {
        return carry(world.line(slot), there(slot).path("version").asInt());
    }

    @Test
    void reasonAndOptionsGoAlong() {
        var option = Map.of("purpose", "UPGRADE", "part", world.parts.get(OTHER_CARD), "note", "for more");
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("options", List.of(option)));
        assertThat(carry("GRAPHICS_CARD").json().path("said").asString())
                .endsWith("is in Skipper, main build now with its reason and 1 option; u takes it back.");
        assertThat(there("GRAPHICS_CARD").path("reason").asString()).isEqualTo("Because it is **right** here.");
        assertThat(there("GRAPHICS_CARD").path("reasonStale").asBoolean()).isFalse();
        assertThat(there("GRAPHICS_CARD").path("options").get(0).path("note").asString())
                .isEqualTo("for more");
    }

    @Test
    void oneUndoTakesItBack() {
        carry("CASE");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(there("CASE").path("choice").path("type").asString()).isEqualTo("EMPTY");
    }

    @Test
    void aSlotThatIsMissingThereIsMade() {
        var made = world.ines.post(
                "/api/editions/" + world.edition + "/builds/" + world.build + "/lines", Map.of("slot", "SECOND_DRIVE"));
        assertThat(made.status()).isBetween(200, 201);
        world.choose("SECOND_DRIVE", "drumlin-beck-1-tb");
        assertThat(carry(world.line("SECOND_DRIVE"), null).json().path("said").asString())
                .contains("on a line that was made for it");
        assertThat(there("SECOND_DRIVE").path("choice").path("part").asString())
                .isEqualTo(world.parts.get("drumlin-beck-1-tb"));
    }

    @Test
    void whatIsThereAlreadyIsSaidToBe() {
        carry("CASE");
        assertThat(carry("CASE").json().path("said").asString())
                .endsWith("is in Skipper, main build already, with the same reason and options; nothing was changed.");
    }

    @Test
    void aLineThatWasChangedMeanwhileIsNotWrittenOver() {
        assertThat(carry(world.line("CASE"), 1_000_000).status()).isEqualTo(412);
        assertThat(carry(world.line("CASE"), null).status()).isEqualTo(412);
        assertThat(there("CASE").path("choice").path("type").asString()).isEqualTo("EMPTY");
    }

    @Test
    void nothingIsCarriedOntoItselfOrToABuildThatIsNotThere() {
        var line = world.line("CASE");
        var path =
                "/api/editions/" + world.edition + "/lines/" + line.path("id").asString() + "/carried";
        assertThat(world.ines.post(path, Map.of("build", world.build)).status()).isEqualTo(422);
        assertThat(world.ines.post(path, Map.of("build", UUID.randomUUID())).status())
                .isEqualTo(404);
    }
}
