package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A part taken with what it needs: one edit, wholly or not at all. */
class TakingTest {
    private final World world = new World();
    private final String card = world.parts.get("hartle-basalt-16-gb");

    @BeforeEach
    void fill() {
        world.filled();
    }

    private Caller.Answer take(JsonNode line, Map<String, Object> taken) {
        return world.ines.call(
                "POST",
                "/api/editions/" + world.edition + "/lines/" + line.path("id").asString() + "/part",
                taken,
                line.path("version").asInt());
    }

    private static Map<String, Object> needed(String slot, String part) {
        return Map.of("slot", slot, "part", part);
    }

    private String label(String slot) {
        return world.line(slot).path("label").asString();
    }

    /** A PSU that is made for this test. */
    private String supply() {
        var spec = Map.of("rating", 850, "format", "ATX");
        return world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "POWER_SUPPLY",
                                "maker",
                                "Test",
                                "family",
                                "",
                                "name",
                                "Keel " + UUID.randomUUID(),
                                "variant",
                                "",
                                "spec",
                                spec))
                .json()
                .path("id")
                .asString();
    }

    @Test
    void bothAreTakenAndUndoneAsOne() {
        var before = List.of(label("GRAPHICS_CARD"), label("POWER_SUPPLY"));
        var supply = supply();
        var answer = take(
                world.line("GRAPHICS_CARD"),
                Map.of("part", card, "needed", List.of(needed("POWER_SUPPLY", supply), needed("PASTE", supply))));
        assertThat(answer.status()).as("no PSU is paste: nothing was taken").isEqualTo(422);
        assertThat(List.of(label("GRAPHICS_CARD"), label("POWER_SUPPLY"))).isEqualTo(before);
        answer = take(
                world.line("GRAPHICS_CARD"), Map.of("part", card, "needed", List.of(needed("POWER_SUPPLY", supply))));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(label("GRAPHICS_CARD")).isNotEqualTo(before.get(0));
        assertThat(label("POWER_SUPPLY")).isNotEqualTo(before.get(1));
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(List.of(label("GRAPHICS_CARD"), label("POWER_SUPPLY"))).isEqualTo(before);
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(label("GRAPHICS_CARD")).isNotEqualTo(before.get(0));
        assertThat(label("POWER_SUPPLY")).isNotEqualTo(before.get(1));
    }

    @Test
    void whatWasReadTooLongAgoTakesNothing() {
        var line = world.line("GRAPHICS_CARD");
        world.edit(world.ines, line, Map.of("quantity", 1, "note", "changed meanwhile"));
        var before = List.of(label("GRAPHICS_CARD"), label("POWER_SUPPLY"));
        var answer = take(line, Map.of("part", card, "needed", List.of(needed("POWER_SUPPLY", supply()))));
        assertThat(answer.status()).isEqualTo(412);
        assertThat(List.of(label("GRAPHICS_CARD"), label("POWER_SUPPLY"))).isEqualTo(before);
    }

    @Test
    void badInputIsRefused() {
        var line = world.line("GRAPHICS_CARD");
        var supply = supply();
        var five = IntStream.range(0, 5)
                .mapToObj(i -> needed("POWER_SUPPLY", supply))
                .toList();
        assertThat(take(line, Map.of("part", card, "needed", five)).detail()).contains("at most 4 others, not 5");
        assertThat(take(line, Map.of("part", card, "needed", five.subList(0, 2)))
                        .detail())
                .contains("one other of each slot");
        assertThat(take(line, Map.of("needed", List.of())).status()).isBetween(400, 499);
        var unnamed = new HashMap<String, Object>();
        unnamed.put("slot", "POWER_SUPPLY");
        assertThat(take(line, Map.of("part", card, "needed", List.of(unnamed))).status())
                .isBetween(400, 499);
        assertThat(take(line, Map.of("part", card, "needed", Collections.singletonList(null)))
                        .status())
                .isBetween(400, 499);
        assertThat(take(line, Map.of("part", card, "needed", List.of(needed("NOWHERE", supply))))
                        .status())
                .isBetween(400, 499);
        assertThat(take(line, Map.of("part", "00000000-0000-0000-0000-000000000000", "needed", List.of()))
                        .status())
                .isBetween(400, 499);
        assertThat(world.line("GRAPHICS_CARD").path("version").asInt())
                .isEqualTo(line.path("version").asInt());
    }
}
