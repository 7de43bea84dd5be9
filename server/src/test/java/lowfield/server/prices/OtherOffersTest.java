package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A tier, a build or a line admits other offers than the guide, and nothing else moves for it. */
class OtherOffersTest {
    private static final Map<String, Object> REFURBISHED =
            Map.of("conditions", List.of("REFURBISHED"), "why", "the cheap one");

    private final World world = new World();

    private JsonNode bench(String build) {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + build + "/bench")
                .json();
    }

    private long total(String build) {
        return bench(build)
                .path("tally")
                .path("gauge")
                .path("total")
                .path("minor")
                .asLong(-1);
    }

    private void typeRefurbished(String part, long minor) {
        type(part, "REFURBISHED", false, minor);
    }

    private void type(String part, String condition, boolean membersOnly, long minor) {
        var shop = world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("name").asString().equals("Turnstone"))
                .findFirst()
                .orElseThrow();
        var price = new HashMap<String, Object>(Map.of(
                "shop",
                shop.path("id").asString(),
                "condition",
                condition,
                "stock",
                "IN_STOCK",
                "priceMinor",
                minor,
                "currency",
                "EUR",
                "membersOnly",
                membersOnly,
                "seenOn",
                LocalDate.now(ZoneId.of("CET")).toString(),
                "source",
                "asked by telephone",
                "sure",
                true));
        price.put("allGuides", true);
        assertThat(world.ines.post("/api/parts/" + part + "/prices", price).status())
                .isLessThan(300);
    }

    private static String condition(JsonNode line) {
        return line.path("offer").path("condition").asString("");
    }

    /** One variant gets the refurbished card, which is cheaper; no other total moves. */
    @Test
    void whatALineOfOneVariantAdmitsCountsNowhereElse() {
        world.filled().round();
        var variant = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "returned card"))
                .json()
                .path("build")
                .asString();
        typeRefurbished(world.parts.get("merrowby-vane-five-8-gb-black"), 21000);
        var main = total(world.build);
        assertThat(total(variant)).isEqualTo(main);
        var edited = world.edit(world.ines, World.line(bench(variant), "GRAPHICS_CARD"), Map.of("policy", REFURBISHED));
        assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
        var line = World.line(bench(variant), "GRAPHICS_CARD");
        assertThat(condition(line)).isEqualTo("refurbished");
        assertThat(line.path("follows").isNull() || line.path("follows").isMissingNode())
                .as("it still follows the choice of the main build")
                .isFalse();
        assertThat(condition(world.line("GRAPHICS_CARD"))).isEqualTo("new");
        assertThat(total(world.build)).isEqualTo(main);
        assertThat(total(variant)).isLessThan(main);
        world.edit(world.ines, line, Map.of("policy", Map.of()));
        assertThat(total(variant)).isEqualTo(main);
    }

    /** Members get the first of two cards for less; everybody else can buy the second, and that is what is available. */
    @Test
    void aSetIsAvailableWhenAnyOfItsPartsIs() {
        world.filled().round();
        var five = world.parts.get("merrowby-vane-five-8-gb-black");
        var everybody = world.bench()
                .path("tally")
                .path("gauge")
                .path("bookable")
                .path("minor")
                .asLong();
        var forMembers = world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "GRAPHICS_CARD",
                                "maker",
                                "Test",
                                "family",
                                "",
                                "name",
                                "card of a club " + world.slug,
                                "variant",
                                "",
                                "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString();
        type(forMembers, "NEW", true, 20000);
        var choice = Map.of("type", "SET", "parts", List.of(forMembers, five), "toleranceMinor", 0);
        var policy = Map.of("membersOnly", true, "why", "our readers are members");
        var edited = world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", choice, "policy", policy));
        assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
        var gauge = world.bench().path("tally").path("gauge");
        assertThat(world.line("GRAPHICS_CARD").path("label").asString()).contains("card of a club");
        assertThat(gauge.path("total").path("minor").asLong()).isLessThan(everybody);
        assertThat(gauge.path("bookable").path("minor").asLong()).isEqualTo(everybody);
    }

    /** A refurbished unit is cheaper than any new one was, and is no 90-day low of the part. */
    @Test
    void lowsAndHighsAreThoseOfNewGoods() {
        world.filled().round();
        var card = world.parts.get("merrowby-vane-five-8-gb-black");
        var before = world.ines.get("/api/parts/" + card + "/history").json().path("standing");
        typeRefurbished(card, 20500);
        var after = world.ines.get("/api/parts/" + card + "/history").json().path("standing");
        assertThat(before.path("lowest90Minor").asLong()).isGreaterThan(20500);
        assertThat(after).isEqualTo(before);
    }

    @Test
    void theNearestToTheLineDecides() {
        world.filled().round();
        var card = world.bench().path("card");
        var form = new HashMap<String, Object>(Forms.tier("Bosun", 84000, 92000));
        form.put("policy", REFURBISHED);
        var tier = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                form,
                card.path("tierVersion").asInt());
        assertThat(tier.status()).as(tier.detail()).isEqualTo(204);
        assertThat(world.line("CASE").path("goods").path("minor").isNumber()).isFalse();
        var own = Map.of("conditions", List.of("NEW"), "why", "cases come new");
        world.edit(world.ines, world.line("CASE"), Map.of("policy", own));
        assertThat(condition(world.line("CASE"))).isEqualTo("new");
        assertThat(world.line("COOLER").path("goods").path("minor").isNumber()).isFalse();
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("CASE").path("goods").path("minor").isNumber()).isFalse();
    }

    @Test
    void anOverrideSaysWhyAndKeepsTheRulesOfAPolicy() {
        world.filled();
        var line = world.line("CASE");
        assertThat(world.edit(world.ines, line, Map.of("policy", Map.of("conditions", List.of("USED"))))
                        .detail())
                .contains("Say why");
        var none = Map.of("conditions", List.of(), "why", "nothing at all");
        assertThat(world.edit(world.ines, line, Map.of("policy", none)).detail())
                .contains("at least one condition");
        var old = Map.of("greatestAgeDays", 1000, "why", "old prices");
        assertThat(world.edit(world.ines, line, Map.of("policy", old)).detail()).contains("1 to 90 days");
        assertThat(world.edit(world.ines, line, Map.of("place", "x".repeat(41))).detail())
                .contains("40 letters");
    }

    @Test
    void aPlaceIsKeptAndGoneBy() {
        world.filled();
        world.edit(world.ines, world.line("COOLER"), Map.of("place", "front"));
        assertThat(world.line("COOLER").path("place").asString()).isEqualTo("front");
        world.edit(world.ines, world.line("COOLER"), Map.of("place", ""));
        assertThat(world.line("COOLER").path("place").isMissingNode()
                        || world.line("COOLER").path("place").isNull())
                .isTrue();
    }
}
