package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class FinderTest {
    private final World world = new World();

    private Caller.Answer find(String slot, String sentence) {
        return world.ines.get("/api/editions/" + world.edition + "/lines/"
                + world.line(slot).path("id").asString() + "/candidates?sentence="
                + URLEncoder.encode(sentence, StandardCharsets.UTF_8));
    }

    /** Of a group, or of all when it is empty, what this test put in the catalogue; others put parts there, too. */
    private List<JsonNode> own(JsonNode found, String group) {
        return found.path("groups")
                .valueStream()
                .filter(g -> group.isEmpty() || g.path("group").asString().equals(group))
                .flatMap(g -> g.path("rows").valueStream())
                .filter(c -> world.parts.containsValue(c.path("part").asString()))
                .toList();
    }

    @Test
    void groupsCandidatesByWhatTheyWouldDoHere() {
        world.filled().round();
        assertThat(own(find("GRAPHICS_CARD", "text=merowby").json(), ""))
                .singleElement()
                .satisfies(c -> assertThat(c.path("chosen").asBoolean()).isTrue());
        assertThat(own(find("GRAPHICS_CARD", "").json(), "CLASHES"))
                .singleElement()
                .satisfies(c -> assertThat(c.path("name").asString()).contains("basalt"));
        assertThat(find("GRAPHICS_CARD", "text=zzz").json().path("all").asInt()).isZero();
    }

    @Test
    void theSentenceHasItsWordsWithCounts() {
        world.filled().round();
        var found = find("GRAPHICS_CARD", "memory=10..&by=PRICE_OF_A_UNIT").json();
        assertThat(found.path("sentence").asString()).isEqualTo("memory=10..&by=PRICE_OF_A_UNIT");
        assertThat(own(found, ""))
                .singleElement()
                .satisfies(c -> assertThat(c.path("name").asString()).contains("basalt"));
        var memory = found.path("words")
                .valueStream()
                .filter(w -> w.path("figure").asString().equals("memory"))
                .findFirst()
                .orElseThrow();
        assertThat(memory.path("clause").path("least").asInt()).isEqualTo(10);
        assertThat(memory.path("values").valueStream().map(v -> v.path("count").asInt()))
                .hasSizeGreaterThanOrEqualTo(2)
                .allMatch(count -> count > 0);
        assertThat(memory.path("unit").asString()).isEqualTo("GB");
    }

    @ParameterizedTest
    @CsvSource({"wheels=4, has no figure", "memory=16..8, ends swapped", "by=LUCK, no order"})
    void aSentenceThatIsNoneIsTold(String sentence, String why) {
        var answer = find("GRAPHICS_CARD", sentence);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }

    @Test
    void aVettedSetCostsWhatItsWinnerCosts() {
        world.filled().round();
        var five = world.parts.get("merrowby-vane-five-8-gb-black");
        var basalt = world.parts.get("hartle-basalt-16-gb");
        var set = Map.of("type", "SET", "parts", List.of(basalt, five), "toleranceMinor", 1000);
        var bench = world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", set))
                .json();
        assertThat(World.line(bench, "GRAPHICS_CARD").path("label").asString()).contains("vane-five");
        assertThat(bench.path("open")
                        .path("members")
                        .valueStream()
                        .map(m -> m.path("wins").asBoolean()))
                .containsExactly(false, true);
        // The one that did not win today would clash, and that is said of the build.
        assertThat(world.bench()
                        .path("tally")
                        .path("findings")
                        .valueStream()
                        .map(f -> f.path("evidence").asString()))
                .anyMatch(e -> e.startsWith(
                        "Trouble with other parts of the set. Test hartle-basalt-16-gb: The graphics card is 331 mm"));
        var preferred = Map.of("type", "SET", "parts", List.of(basalt, five), "toleranceMinor", 900_000);
        var line = World.line(
                world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", preferred))
                        .json(),
                "GRAPHICS_CARD");
        assertThat(line.path("label").asString()).contains("basalt");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("GRAPHICS_CARD").path("label").asString()).contains("vane-five");
    }

    @Test
    void aSetOfOneOrOfAnotherKindIsRefused() {
        world.filled();
        var five = world.parts.get("merrowby-vane-five-8-gb-black");
        var alone = Map.of("type", "SET", "parts", List.of(five));
        assertThat(world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", alone))
                        .detail())
                .contains("2 to 12");
        var mixed = Map.of("type", "SET", "parts", List.of(five, world.parts.get("kelder-550-gold")));
        assertThat(world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", mixed))
                        .detail())
                .contains("is a power supply");
    }

    @Test
    void theYearIsToldForChosenHours() {
        world.filled();
        var path = "/api/editions/" + world.edition + "/builds/" + world.build + "/year";
        assertThat(world.ines
                        .get(path + "?gaming=3&idle=1")
                        .json()
                        .path("kilowattHours")
                        .asInt())
                .isPositive();
        assertThat(world.ines.get(path + "?gaming=20&idle=8").status()).isEqualTo(422);
    }
}
