package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Chips follow the figure "chip" of the parts, and are named for all of them. */
class ChipsTest {
    private final World world = new World();
    private final String name = "Chip " + UUID.randomUUID();

    private String card(String chip) {
        var part = new HashMap<String, Object>(Map.of(
                "kind", "GRAPHICS_CARD",
                "maker", "Aldane",
                "family", "",
                "name", "Card " + UUID.randomUUID(),
                "variant", "",
                "spec", Map.of("chip", chip)));
        return world.ines.post("/api/parts", part).json().path("id").asString();
    }

    private JsonNode chip(String named) {
        return world.ines
                .get("/api/chips")
                .json()
                .valueStream()
                .filter(c -> c.path("name").asString().equals(named))
                .findFirst()
                .orElse(Caller.JSON.missingNode());
    }

    private Caller.Answer name(JsonNode chip, String named, String maker) {
        return world.ines.call(
                "PUT",
                "/api/chips/" + chip.path("id").asString(),
                Map.of("name", named, "maker", maker),
                chip.path("version").asInt());
    }

    private String chipOf(String part) {
        return world.ines
                .get("/api/parts/" + part)
                .json()
                .path("part")
                .path("spec")
                .path("chip")
                .asString();
    }

    @Test
    void partsOfOneChipShareItsRecordWhateverTheSpelling() {
        card(name);
        card(name.toUpperCase(java.util.Locale.ROOT));
        assertThat(chip(name).path("parts").asInt()).isEqualTo(2);
        assertThat(chip(name).path("kind").asString()).isEqualTo("GRAPHICS_CARD");
    }

    @Test
    void aNewNameGoesToEveryPart() {
        var one = card(name);
        var two = card(name);
        assertThat(name(chip(name), name + " b", "Vessary").status()).isEqualTo(204);
        assertThat(chip(name).isMissingNode()).isTrue();
        assertThat(chip(name + " b").path("maker").asString()).isEqualTo("Vessary");
        assertThat(chipOf(one)).isEqualTo(name + " b");
        assertThat(chipOf(two)).isEqualTo(name + " b");
    }

    @Test
    void theNameOfAnotherMakesTheTwoOne() {
        var one = card(name);
        card(name + " xt");
        assertThat(name(chip(name), name + " XT", "").status()).isEqualTo(204);
        assertThat(chip(name).isMissingNode()).isTrue();
        assertThat(chip(name + " xt").path("parts").asInt()).isEqualTo(2);
        assertThat(chipOf(one)).isEqualTo(name + " xt");
    }

    @Test
    void aChipChangedMeanwhileIsNotWrittenOver() {
        card(name);
        var read = chip(name);
        assertThat(name(read, name, "Vessary").status()).isEqualTo(204);
        assertThat(name(read, name, "Quern").status()).isEqualTo(412);
        assertThat(name(chip(name), " ", "").status()).isEqualTo(422);
        assertThat(name(chip(name), name, "x".repeat(81)).status()).isEqualTo(422);
        assertThat(world.ines
                        .call("PUT", "/api/chips/" + UUID.randomUUID(), Map.of("name", "x", "maker", ""), 1)
                        .status())
                .isEqualTo(404);
    }
}
