package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Edits of several people at once, edits taken back, and edits while the database is away. */
class EditsAtOnceTest {
    private final World world = new World();

    private Caller.Answer freeHand(Object price, String currency) {
        var choice =
                new HashMap<String, Object>(Map.of("type", "FREE_HAND", "name", "An old case", "currency", currency));
        choice.put("priceMinor", price);
        return world.edit(world.ines, world.line("CASE"), Map.of("choice", choice));
    }

    @Test
    void twoEditorsOnOneChoiceBothKeepTheirWords() {
        var read = world.line("CASE");
        assertThat(world.edit(world.ines, read, Map.of("reason", "Hers.")).status())
                .isEqualTo(200);
        var stale = world.edit(world.tom, read, Map.of("reason", "His."));
        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.json().path("theirs").path("reason").asString()).isEqualTo("Hers.");
        assertThat(stale.json().path("yours").path("reason").asString()).isEqualTo("His.");
        assertThat(stale.raw().headers().firstValue("ETag"))
                .contains("\"" + world.line("CASE").path("version").asInt() + "\"");
        assertThat(world.line("CASE").path("reason").asString()).isEqualTo("Hers.");
    }

    @Test
    void ofManyEditsAtOnceFromOneVersionExactlyOneIsTaken() {
        var read = world.line("CASE");
        var answers = World.together(6, () -> world.edit(world.ines, read, Map.of("quantity", 2)));
        assertThat(answers)
                .extracting(Caller.Answer::status)
                .containsOnlyOnce(200)
                .allMatch(s -> s == 200 || s == 412);
    }

    @Test
    void anEditWithoutAVersionIsAskedForOne() {
        var line = world.line("CASE").path("id").asString();
        assertThat(world.ines
                        .call("PATCH", "/api/editions/" + world.edition + "/lines/" + line, Map.of("quantity", 2), null)
                        .status())
                .isEqualTo(428);
    }

    @Test
    void undoAndRedoWalkThroughMyEdits() {
        freeHand(100, "EUR");
        freeHand(200, "EUR");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(100);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("CASE").path("choice").path("type").asString()).isEqualTo("EMPTY");
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(200);
        assertThat(world.ines
                        .post("/api/editions/" + world.edition + "/redo", Map.of())
                        .status())
                .isEqualTo(409);
        assertThat(world.tom
                        .post("/api/editions/" + world.edition + "/undo", Map.of())
                        .detail())
                .contains("nothing of yours");
    }

    @Test
    void undoDoesNotOverwriteWhatSomebodyElseMadeOfIt() {
        freeHand(100, "EUR");
        world.edit(world.tom, world.line("CASE"), Map.of("quantity", 3));
        var answer = world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.json().path("theirs").path("quantity").asInt()).isEqualTo(3);
        assertThat(world.line("CASE").path("quantity").asInt()).isEqualTo(3);
    }

    @Test
    void aRemovedLineComesBackWithEverythingOnIt() {
        var added = world.ines.post(
                "/api/editions/" + world.edition + "/builds/" + world.build + "/lines", Map.of("slot", "SECOND_DRIVE"));
        var line = World.line(added.json().path("bench"), "SECOND_DRIVE");
        world.edit(
                world.ines,
                line,
                Map.of("choice", Map.of("type", "OWNED", "what", "an old disk"), "reason", "It works."));
        line = world.line("SECOND_DRIVE");
        assertThat(world.ines
                        .call(
                                "DELETE",
                                "/api/editions/" + world.edition + "/lines/"
                                        + line.path("id").asString(),
                                null,
                                line.path("version").asInt())
                        .status())
                .isEqualTo(200);
        assertThat(world.bench()
                        .path("lines")
                        .valueStream()
                        .map(l -> l.path("slot").asString()))
                .doesNotContain("SECOND_DRIVE");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.line("SECOND_DRIVE").path("reason").asString()).isEqualTo("It works.");
    }

    @Test
    void aDatabaseThatIsAwayLosesNothing() {
        var line = world.line("CASE");
        world.stage.cluster.does("pause");
        var away = world.edit(world.ines, line, Map.of("reason", "Typed while it was away."));
        world.stage.cluster.does("resume");
        assertThat(away.status()).isEqualTo(503);
        assertThat(away.type()).isEqualTo("/problems/database-away");
        var back = org.awaitility.Awaitility.await()
                .atMost(java.time.Duration.ofSeconds(30))
                .until(
                        () -> world.edit(world.ines, line, Map.of("reason", "Typed while it was away.")),
                        a -> a.status() != 503);
        assertThat(back.status()).isEqualTo(200);
        assertThat(world.line("CASE").path("reason").asString()).isEqualTo("Typed while it was away.");
    }
}
