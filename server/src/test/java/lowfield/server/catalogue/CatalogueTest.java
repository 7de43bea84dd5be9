package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest extends CatalogueCase {
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

    private static int merge(java.util.concurrent.CyclicBarrier start, Caller who, String from, String into)
            throws Exception {
        start.await();
        return who.call("POST", "/api/parts/" + from + "/merge", Map.of("into", into), 1)
                .status();
    }
}
