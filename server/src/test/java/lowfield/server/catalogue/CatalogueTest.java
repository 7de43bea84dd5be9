package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class CatalogueTest {
    private final World world = new World();

    private String add(String kind, String name, String variant, Map<String, Object> spec) {
        var part = new HashMap<String, Object>(
                Map.of("kind", kind, "maker", "Test", "family", "", "name", name, "variant", variant));
        part.put("spec", spec);
        return world.ines.post("/api/parts", part).json().path("id").asString();
    }

    private JsonNode sheet(String id) {
        return world.ines.get("/api/parts/" + id).json();
    }

    private Caller.Answer correct(String id, Object correction, int version) {
        return world.ines.call("PATCH", "/api/parts/" + id, correction, version);
    }

    private Caller.Answer addNumbered(String name, String gtin) {
        return world.ines.post(
                "/api/parts",
                Map.of(
                        "kind", "PASTE", "maker", "Test", "family", "", "name", name, "variant", "", "gtin", gtin,
                        "spec", Map.of()));
    }

    @Test
    void aNumberIsOnePartsAloneInWhicheverLengthItIsTyped() {
        assertThat(addNumbered("Numbered One", "012345678905").status()).isEqualTo(201);
        for (var length : new String[] {"012345678905", "12345678905", "0012345678905"}) {
            var again = addNumbered("Numbered Two", length);
            assertThat(again.status()).isEqualTo(422);
            assertThat(again.detail())
                    .isEqualTo(
                            "GTIN " + length + " is the number of Test Numbered One; a part has a number of its own.");
        }
    }

    @ParameterizedTest
    @CsvSource({"1234567", "123456789012345", "00000000", "12345678x"})
    void whatIsNoNumberIsTold(String gtin) {
        assertThat(addNumbered("Unnumbered", gtin).detail())
                .isEqualTo("A GTIN is 8 to 14 digits, not all of them zero; \"" + gtin + "\" is none.");
    }

    static Stream<Arguments> wordsThatAreNone() {
        return Stream.of(
                Arguments.of("maker", " ", "A maker's name has 1 to 80 letters"),
                Arguments.of("maker", "m".repeat(81), "A maker's name has 1 to 80 letters"),
                Arguments.of("name", "", "A product's name has 1 to 160 letters"),
                Arguments.of("name", "p".repeat(161), "A product's name has 1 to 160 letters"),
                Arguments.of("family", "f".repeat(101), "A family's name has 0 to 100 letters"),
                Arguments.of("variant", "v".repeat(81), "A variant's name has 0 to 80 letters"),
                Arguments.of("name", "Ho\0use", "A text holds only characters that are text (no NUL)"));
    }

    @ParameterizedTest
    @MethodSource("wordsThatAreNone")
    void wordsThatAreNoneAreTold(String what, String words, String why) {
        var part = new HashMap<String, Object>(Map.of(
                "kind", "PASTE", "maker", "Test", "family", "", "name", "Worded", "variant", "", "spec", Map.of()));
        part.put(what, words);
        var answer = world.ines.post("/api/parts", part);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith(why);
    }

    @Test
    void aReasonToAdviseAgainstIsMoreThanAGrunt() {
        var box = add("CASE", "Grunted " + UUID.randomUUID(), "", Map.of());
        var told = correct(box, Map.of("avoid", "no"), 1);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.detail())
                .isEqualTo("The reason to advise against a part has 3 to 500 letters; \"no\" has not.");
    }

    /** A product of a long name that names no family has one of as much of its name as a family's holds. */
    @Test
    void aLongNameNeedsNoFamily() {
        var name = "Long " + "p".repeat(150);
        assertThat(sheet(add("CASE", name, "", Map.of()))
                        .path("part")
                        .path("name")
                        .asString())
                .isEqualTo("Test " + name);
    }

    @Test
    void aStoredFigureThatIsNotBelievedIsNotKnownUntilItIsMendedAndTakesNothingElseAway() {
        var box = add("CASE", "Doubted " + UUID.randomUUID(), "", Map.of("cardLength", 300, "volume", 41));
        world.stage
                .bean(DSLContext.class)
                .execute("update variant set spec = '{\"cardLength\": -5, \"volume\": 41}' where id = ?::uuid", box);
        world.stage.bean(Notices.class).changed(Notices.Topic.CATALOGUE, List.of(UUID.fromString(box)));
        var spec = sheet(box).path("part").path("spec");
        assertThat(spec.has("cardLength")).isFalse();
        assertThat(spec.path("volume").asInt()).isEqualTo(41);
        assertThat(correct(box, Map.of("figures", Map.of("cardLength", 310)), 1).status())
                .isEqualTo(200);
        assertThat(sheet(box).path("part").path("spec").path("cardLength").asInt())
                .isEqualTo(310);
    }

    @Test
    void aMissingFigureIsFilledInAndTheBuildIsDecided() {
        var name = "Case " + UUID.randomUUID();
        var box = add("CASE", name, "", Map.of("formats", java.util.List.of("micro-ATX")));
        world.filled();
        world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "PART", "part", box)));
        var gap = world.bench()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("cooler-height"))
                .findFirst()
                .orElseThrow()
                .path("gap");
        assertThat(gap.path("part").asString()).isEqualTo(box);
        var told = correct(
                box, Map.of("figures", Map.of(gap.path("field").asString(), 160), "source", "the maker's drawing"), 1);
        assertThat(told.status()).isEqualTo(200);
        assertThat(told.json()
                        .path("provenance")
                        .path("coolerHeight")
                        .path("source")
                        .asString())
                .isEqualTo("the maker's drawing");
        var build = world.ines.get("/api/editions/%s/builds/%s/fitting".formatted(world.edition, world.build));
        assertThat(build.json().valueStream().map(f -> f.path("check").asString()))
                .contains("cooler-height");
        assertThat(world.bench().path("tally").path("fitting").asInt())
                .isEqualTo(build.json().size());
        var uses = world.ines.get("/api/parts/" + box + "/uses").json();
        assertThat(uses.valueStream().map(u -> u.path("where").asString())).containsExactly("Bosun, main build, Case");
        assertThat(uses.get(0).path("published").asBoolean()).isFalse();
        assertThat(sheet(box).path("changes").get(0).path("what").asString()).isEqualTo("CPU cooler clearance");
    }

    @Test
    void twoCorrectionsAtOnceLoseNeither() {
        var box = add("CASE", "Case " + UUID.randomUUID(), "", Map.of());
        assertThat(correct(box, Map.of("figures", Map.of("cardLength", 300)), 1).status())
                .isEqualTo(200);
        var late = correct(box, Map.of("figures", Map.of("cardLength", 310)), 1);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().path("theirs").path("cardLength").asInt()).isEqualTo(300);
        assertThat(world.ines.call("PATCH", "/api/parts/" + box, Map.of(), null).status())
                .isEqualTo(428);
        var taken = new HashMap<String, Object>();
        taken.put("cardLength", null);
        assertThat(correct(box, Map.of("figures", taken), 2)
                        .json()
                        .path("part")
                        .path("spec")
                        .has("cardLength"))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "cardLength, 99999, a whole number from 0 to",
        "cardLength, long, a whole number from 0 to",
        "window, maybe, yes or no",
        "wheels, 4, one that this kind has"
    })
    void aFigureThatCannotBeIsToldAndNothingChanges(String figure, String value, String why) {
        var box = add("CASE", "Case " + UUID.randomUUID(), "", Map.of("cardLength", 300));
        var answer = correct(
                box, Map.of("figures", Map.of(figure, value.matches("\\d+") ? Integer.valueOf(value) : value)), 1);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
        assertThat(sheet(box).path("version").asInt()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"-1, EUR, more than nothing", "9223372036854775807, EUR, longer than any price", "100, QQQ, ISO 4217"})
    void aSuggestedPriceThatIsNoneIsTold(long minor, String currency, String why) {
        var box = add("CASE", "Priced " + minor + currency, "", Map.of());
        var told = correct(box, Map.of("suggestedMinor", minor, "suggestedCurrency", currency), 1);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.detail()).contains(why);
    }

    @Test
    void anAdviceAgainstIsKeptAndSaid() {
        world.filled();
        var box = add("CASE", "Case " + UUID.randomUUID(), "", Map.of());
        correct(box, Map.of("avoid", "its feet come off"), 1);
        world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "PART", "part", box)));
        assertThat(world.bench()
                        .path("tally")
                        .path("findings")
                        .valueStream()
                        .map(f -> f.path("evidence").asString()))
                .anyMatch(e -> e.endsWith("its feet come off"));
        assertThat(correct(box, Map.of("avoid", "x"), 2).detail()).contains("3 to 500");
        assertThat(correct(box, Map.of("avoid", ""), 2).status()).isEqualTo(200);
        assertThat(correct(box, Map.of(), 3).detail()).contains("Nothing was given");
    }

    @Test
    void siblingsAreLinkedAndDuplicatesMergedForGood() {
        var name = "Case " + UUID.randomUUID();
        var black = add("CASE", name, "black", Map.of("cardLength", 300));
        var white = add("CASE", name, "white", Map.of());
        var twin = add("CASE", name + " again", "black", Map.of());
        assertThat(sheet(black)
                        .path("siblings")
                        .valueStream()
                        .map(s -> s.path("id").asString()))
                .containsExactly(white);
        world.filled();
        world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "PART", "part", twin)));
        var merged = world.ines.call("POST", "/api/parts/" + twin + "/merge", Map.of("into", black), 1);
        assertThat(merged.json().path("part").path("id").asString()).isEqualTo(black);
        assertThat(world.line("CASE").path("label").asString()).isEqualTo("Test " + name + ", black");
        assertThat(sheet(twin).path("part").path("id").asString()).isEqualTo(black);
        assertThat(world.ines
                        .call("POST", "/api/parts/" + twin + "/merge", Map.of("into", black), 1)
                        .detail())
                .contains("into itself");
        var cooler = add("COOLER", "Cooler " + UUID.randomUUID(), "", Map.of());
        assertThat(world.ines
                        .call("POST", "/api/parts/" + cooler + "/merge", Map.of("into", black), 1)
                        .detail())
                .contains("only parts of one kind");
    }

    @Test
    void aLongKindIsReadInPages() {
        var mark = "Pager " + UUID.randomUUID();
        for (int i = 0; i < 3; i++) {
            add("MOUSE", mark + " " + i, "", Map.of());
        }
        var whole = world.ines
                .get("/api/parts?kind=MOUSE&q=" + mark.replace(" ", "+"))
                .json();
        assertThat(whole.path("all").asInt()).isEqualTo(3);
        assertThat(whole.path("next").isNull()).isTrue();
        var second = whole.path("parts").get(1).path("id").asString();
        var rest = world.ines
                .get("/api/parts?kind=MOUSE&q=" + mark.replace(" ", "+") + "&from=" + second)
                .json();
        assertThat(rest.path("parts")).hasSize(2);
        assertThat(rest.path("parts").get(0).path("id").asString()).isEqualTo(second);
    }

    @Test
    void partsStandSideBySide() {
        var one = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var other = add("CASE", "Side " + UUID.randomUUID(), "", Map.of());
        assertThat(world.ines
                        .get("/api/parts/compared?ids=" + one + "," + other)
                        .detail())
                .contains("one kind");
        assertThat(world.ines.get("/api/parts/compared?ids=" + one).detail()).contains("Two to 4");
        var cards = world.parts.get("merrowby-vane-five-8-gb-black") + "," + world.parts.get("hartle-basalt-16-gb");
        var chip = world.ines
                .get("/api/parts/compared?ids=" + cards)
                .json()
                .valueStream()
                .filter(r -> r.path("figure").asString().equals("chip"))
                .findFirst()
                .orElseThrow();
        assertThat(chip.path("cells").get(0).asString()).isEqualTo("Vane Five");
        assertThat(chip.path("better")).isEmpty();
    }

    @Test
    void sideBySideTellsHowManyFiguresSayWhereTheyAreFrom() {
        var one = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var other = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var figures = Map.of("weight", 71);
        world.ines.call("PATCH", "/api/parts/" + one, Map.of("figures", figures, "source", "weighed by us"), 1);
        world.ines.call("PATCH", "/api/parts/" + other, Map.of("figures", figures), 1);
        var rows =
                world.ines.get("/api/parts/compared?ids=" + one + "," + other).json();
        var evidence = rows.get(rows.size() - 1);
        assertThat(evidence.path("figure").asString()).isEqualTo("evidence");
        assertThat(evidence.path("cells").get(0).asString()).isEqualTo("1");
        assertThat(evidence.path("cells").get(1).asString()).isEqualTo("0");
    }

    /** Two people find the same two parts to be one, each the other way round: one merge stands, and one part. */
    @Test
    void oppositeMergesAtOnceLoseNoPart() throws Exception {
        for (int attempt = 0; attempt < 8; attempt++) {
            var one = part("twin " + attempt + " a");
            var other = part("twin " + attempt + " b");
            var threads = java.util.concurrent.Executors.newFixedThreadPool(2);
            try {
                var start = new java.util.concurrent.CyclicBarrier(2);
                var merges = java.util.List.<java.util.concurrent.Callable<Integer>>of(
                        () -> merge(start, world.ines, one, other), () -> merge(start, world.tom, other, one));
                var answers = new java.util.ArrayList<Integer>();
                for (var answer : threads.invokeAll(merges)) {
                    answers.add(answer.get());
                }
                assertThat(answers).containsOnlyOnce(200);
                assertThat(world.ines.get("/api/parts/" + one).status()).isEqualTo(200);
                assertThat(world.ines.get("/api/parts/" + other).status()).isEqualTo(200);
            } finally {
                threads.shutdownNow();
            }
        }
    }

    private String part(String name) {
        return world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind", "OTHER", "maker", "Twins", "family", "", "name", name, "variant", "", "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString();
    }

    private static int merge(java.util.concurrent.CyclicBarrier start, Caller who, String from, String into)
            throws Exception {
        start.await();
        return who.call("POST", "/api/parts/" + from + "/merge", Map.of("into", into), 1)
                .status();
    }
}
