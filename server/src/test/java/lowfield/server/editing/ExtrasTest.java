package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Discounts, surcharges, services and package prices beside the lines of a build. */
class ExtrasTest extends ExtrasCase {
    private static Map<String, Object> adjustment(String name, long minor) {
        return Map.of("id", UUID.randomUUID().toString(), "name", name, "minor", minor);
    }

    private Map<String, Object> machine(long price, Object... slotsAndSwaps) {
        var members = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < slotsAndSwaps.length; i += 2) {
            var member = new HashMap<String, Object>();
            member.put("line", world.line((String) slotsAndSwaps[i]).path("id").asString());
            member.put("swapMinor", slotsAndSwaps[i + 1]);
            members.add(member);
        }
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                "Harbour machine",
                "priceMinor",
                price,
                "members",
                members,
                "seenAt",
                "2026-12-03T06:00:00Z"));
    }

    private JsonNode ended() {
        return world.bench()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("package-price"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBuildAroundASellersMachine() {
        var before = total();
        var included = goods("CASE", "POWER_SUPPLY", "MOTHERBOARD");
        var answer = set(
                List.of(adjustment("Friends of the harbour", -2_000)),
                List.of(machine(25_000, "CASE", null, "POWER_SUPPLY", 4_000, "MOTHERBOARD", 1_500)));
        assertThat(answer.status()).isEqualTo(204);
        assertThat(total()).isEqualTo(before - included + 25_000 + 4_000 + 1_500 - 2_000);
        assertThat(world.line("POWER_SUPPLY").path("included").path("swapMinor").asLong())
                .isEqualTo(4_000);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(total()).isEqualTo(before);
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        world.publishAnyway();
        world.publish(world.ines);
        var page = world.read("/" + world.slug);
        assertThat(page)
                .contains("Harbour machine")
                .contains("included, +40.00")
                .contains("Friends of the harbour")
                .contains("−20.00")
                .contains("One price for");
    }

    @Test
    void anotherPartBreaksItAndItIsTakenAgainWithASurcharge() {
        var card = machine(30_000, "GRAPHICS_CARD", null, "CASE", null);
        set(List.of(), List.of(card));
        var whole = total();
        world.choose("GRAPHICS_CARD", "hartle-basalt-16-gb");
        assertThat(world.line("GRAPHICS_CARD").path("included").isNull()).isTrue();
        assertThat(ended().path("evidence").asString()).contains("Harbour machine");
        var again = machine(30_000, "GRAPHICS_CARD", 5_000, "CASE", null);
        assertThat(set(List.of(), List.of(again)).status()).isEqualTo(204);
        assertThat(total()).isEqualTo(whole + 5_000);
    }

    @Test
    void aVariantAndTheNextEditionTakeItAlong() {
        set(List.of(adjustment("Assembly", 7_900)), List.of(machine(25_000, "CASE", null, "POWER_SUPPLY", null)));
        var whole = total();
        var variant = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "the quiet one"))
                .json()
                .path("build")
                .asString();
        var bench = world.ines
                .get("/api/editions/" + world.edition + "/builds/" + variant + "/bench")
                .json();
        assertThat(bench.path("card").path("gauge").path("total").path("minor").asLong())
                .isEqualTo(whole);
        world.publish();
        assertThat(total()).isEqualTo(whole);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"Assembly | 0 | not zero", "'' | 500 | 1 to 80 letters", "Too much | 999999999999 | 10,000,000"})
    void whatCannotBeAnAdjustmentIsRefused(String name, long minor, String why) {
        var answer = set(List.of(adjustment(name, minor)), List.of());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
        assertThat(world.bench().path("tally").path("extras").path("adjustments"))
                .isEmpty();
    }

    /** Prices may still be missing when a discount is typed; nothing goes to press at less than nothing. */
    @Test
    void aDiscountAboveWhatIsKnownIsKeptAndShutsTheBandCheck() {
        assertThat(set(List.of(adjustment("Everything off", -99_999_999)), List.of())
                        .status())
                .isLessThan(300);
        assertThat(world.bench().path("tally").path("extras").path("adjustments"))
                .hasSize(1);
        assertThat(world.desk().toString()).contains("Discounts exceed the known prices");
        var band = world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .toString();
        assertThat(band).contains("Discounts exceed the known prices");
    }

    @Test
    void whatCannotBeAPackageIsRefused() {
        refused(machine(25_000, "CASE", null, "CASE", null), "once");
        refused(machine(25_000, "CASE", null), "two parts or more");
        refused(machine(0, "CASE", null, "MEMORY", null), "more than nothing");
        refused(machine(25_000, "CASE", null, "MEMORY", 999_999_999_999L), "10,000,000");
        for (var link : List.of("javascript:alert(1)", "http://millrace.example/", "https://a.example/\"onclick=")) {
            var linked = machine(25_000, "CASE", null, "MEMORY", null);
            linked.put("link", link);
            refused(linked, "begins with https://");
        }
        var strange = machine(25_000, "CASE", null, "MEMORY", null);
        strange.put(
                "members",
                List.of(
                        Map.of("line", UUID.randomUUID().toString()),
                        Map.of("line", UUID.randomUUID().toString())));
        refused(strange, "parts that are in the total");
        var twice = set(
                List.of(),
                List.of(
                        machine(25_000, "CASE", null, "MEMORY", null),
                        machine(25_000, "CASE", null, "POWER_SUPPLY", null)));
        assertThat(twice.detail()).contains("in another package");
    }

    /** A made-up key is no reason to fail: the package is for what stands on the line. */
    @Test
    void whatAMemberStandsForIsNotTheCallersToSay() {
        var pack = machine(25_000, "CASE", null, "MEMORY", null);
        var members = new ArrayList<Map<String, Object>>();
        for (var slot : List.of("CASE", "MEMORY")) {
            members.add(
                    Map.of("line", world.line(slot).path("id").asString(), "key", "part:no such thing", "quantity", 7));
        }
        pack.put("members", members);
        assertThat(set(List.of(), List.of(pack)).status()).isEqualTo(204);
        assertThat(world.line("CASE").path("included").path("name").asString()).isEqualTo("Harbour machine");
        pack.put("shop", UUID.randomUUID().toString());
        assertThat(set(List.of(), List.of(pack)).status()).isEqualTo(404);
    }

    @Test
    void whoSawAnOlderStateIsToldTheNewer() {
        var version = world.bench().path("card").path("version").asInt();
        set(List.of(adjustment("Assembly", 7_900)), List.of());
        var late = world.tom.call(
                "PUT",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/extras",
                Map.of("adjustments", List.of(), "packages", List.of()),
                version);
        assertThat(late.status()).isEqualTo(412);
        assertThat(total()).isGreaterThan(7_900);
    }
}
