package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class BundlesTest {
    private static final Map<Slot, String> SOLD_TOGETHER =
            Map.of(Slot.PROCESSOR, "brightholm-loam-twelve", Slot.MOTHERBOARD, "tarnworth-keel");
    private static final Map<String, String> GTINS =
            Map.of("brightholm-loam-twelve", "2040000002039", "tarnworth-keel", "2040000002732");

    private final World world = new World();

    @AfterEach
    void normal() {
        world.market("reset");
    }

    /** The parts that the market sells together, by GTIN; made once. */
    private String part(Slot slot) {
        var key = SOLD_TOGETHER.get(slot);
        var known = world.ines
                .get("/api/parts?kind=" + slot.kind() + "&q=together")
                .json()
                .path("parts");
        if (!known.isEmpty()) {
            return known.get(0).path("id").asString();
        }
        var id = world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                slot.kind(),
                                "maker",
                                "Test",
                                "family",
                                "",
                                "name",
                                "together " + key,
                                "variant",
                                "",
                                "gtin",
                                GTINS.get(key),
                                "spec",
                                TestBuild.figuresOf(slot)))
                .json()
                .path("id")
                .asString();
        world.ines.post("/api/product-pages", Map.of("part", id, "address", "https://ferrowby.example/p/" + key));
        return id;
    }

    private JsonNode bundles() {
        return world.bench().path("tally").path("bundles");
    }

    private void choose() {
        world.filled();
        for (var slot : List.of(Slot.PROCESSOR, Slot.MOTHERBOARD)) {
            world.parts.put("together", part(slot));
            world.choose(slot.name(), "together");
        }
        world.parts.remove("together");
    }

    @Test
    void readersAreToldOfItAsItWasWhenItWentOut() {
        choose();
        world.round();
        var told = bundles().get(0);
        var out = world.publish().path("tiers").get(0).path("builds").get(0).path("together");
        assertThat(out.size()).isOne();
        assertThat(out.get(0).path("saves")).isEqualTo(told.path("savesMinor"));
        assertThat(out.get(0).path("parts")).isEqualTo(told.path("parts"));
        assertThat(world.read("/" + world.slug)).contains("less than apart, at ", "not in the total");
    }

    @Test
    void whatAShopSellsTogetherIsToldBesideTheTotalAndIsNotInIt() {
        choose();
        world.round();
        var told = bundles().get(0);
        var processor = World.line(world.bench(), "PROCESSOR")
                .path("goods")
                .path("minor")
                .asLong();
        var board = World.line(world.bench(), "MOTHERBOARD")
                .path("goods")
                .path("minor")
                .asLong();
        assertThat(told.path("seller").asString()).isEqualTo("Ferrowby");
        assertThat(told.path("savesMinor").asLong())
                .isEqualTo(processor + board - told.path("priceMinor").asLong())
                .isPositive();
        var goods = world.bench().path("tally").path("goods").path("minor").asLong();
        var sum = world.bench()
                .path("lines")
                .valueStream()
                .mapToLong(l -> l.path("goods").path("minor").asLong())
                .sum();
        assertThat(goods).as("no total has it in it").isEqualTo(sum);

        world.round();
        assertThat(bundles().size()).as("seen again, once").isEqualTo(1);
        world.choose("MOTHERBOARD", "ostrand-quay-micro");
        assertThat(bundles().size()).as("the board is another").isZero();
    }
}
