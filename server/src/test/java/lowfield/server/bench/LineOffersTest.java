package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every offer of a line's part, and taking another than the one that counts. */
class LineOffersTest {
    private final World world = new World().filled();

    private JsonNode offers(String slot) {
        return world.ines
                .get("/api/editions/" + world.edition + "/lines/"
                        + world.line(slot).path("id").asString() + "/offers")
                .json();
    }

    @Test
    void theOneThatCountsIsMarkedAndTheRestStandByTheirPriceAtTheDoor() {
        world.round();
        var all = offers("GRAPHICS_CARD");
        assertThat(all.size()).isGreaterThan(1);
        assertThat(all.valueStream().filter(o -> o.path("isTaken").asBoolean())).hasSize(1);
        var taken = all.valueStream()
                .filter(o -> o.path("isTaken").asBoolean())
                .findFirst()
                .orElseThrow();
        assertThat(taken.path("offer").path("listing").asString())
                .isEqualTo(world.line("GRAPHICS_CARD")
                        .path("offer")
                        .path("listing")
                        .asString());
        assertThat(taken.path("why")).isEmpty();
    }

    @Test
    void anotherOfferIsTakenForThisLineAlone() {
        world.round();
        var line = world.line("GRAPHICS_CARD");
        var other = offers("GRAPHICS_CARD")
                .valueStream()
                .filter(o -> !o.path("isTaken").asBoolean() && o.path("why").isEmpty())
                .findFirst()
                .orElseThrow();
        var listing = other.path("offer").path("listing").asString();
        world.edit(world.ines, line, Map.of("hold", Map.of("listing", listing, "why", "taken at the bench")));
        assertThat(world.line("GRAPHICS_CARD").path("offer").path("listing").asString())
                .isEqualTo(listing);
        assertThat(offers("GRAPHICS_CARD")
                        .valueStream()
                        .filter(o -> o.path("isTaken").asBoolean()))
                .singleElement()
                .satisfies(o ->
                        assertThat(o.path("offer").path("listing").asString()).isEqualTo(listing));
    }

    @Test
    void whatOnlyItsConditionKeepsOutSaysSoAndIsAdmittedHere() {
        world.round();
        var typed = Map.of(
                "condition",
                "USED",
                "stock",
                "IN_STOCK",
                "priceMinor",
                19900,
                "currency",
                "EUR",
                "membersOnly",
                false,
                "sure",
                true,
                "allGuides",
                true);
        var card = world.parts.get("merrowby-vane-five-8-gb-black");
        assertThat(world.ines.post("/api/parts/" + card + "/prices", typed).status())
                .isEqualTo(201);
        var used = offers("GRAPHICS_CARD")
                .valueStream()
                .filter(o -> o.path("offer").path("condition").asString().equals("used"))
                .findFirst()
                .orElseThrow();
        assertThat(used.path("why").get(0).asString()).isEqualTo("used is not admitted");
        assertThat(used.path("needs").asString()).isEqualTo("USED");
        assertThat(used.path("savesMinor").asLong()).isPositive();
        var listing = used.path("offer").path("listing").asString();
        var answer = world.edit(
                world.ines,
                world.line("GRAPHICS_CARD"),
                Map.of(
                        "hold",
                        Map.of("listing", listing, "why", "half the price"),
                        "policy",
                        Map.of("conditions", List.of("NEW", "USED"), "why", "half the price")));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .isEqualTo(19900);
    }

    @Test
    void aLineWithoutAPartHasNoOffers() {
        world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "NONE")));
        assertThat(offers("CASE")).isEmpty();
    }

    @Test
    void aLineThatIsNotThereIsNotFound() {
        assertThat(world.ines
                        .get("/api/editions/" + world.edition + "/lines/" + UUID.randomUUID() + "/offers")
                        .status())
                .isEqualTo(404);
    }
}
