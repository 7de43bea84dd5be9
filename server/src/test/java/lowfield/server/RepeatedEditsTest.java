package lowfield.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** An edit whose answer was lost is sent again: it is done once and answered alike. */
class RepeatedEditsTest {
    private final World world = new World().filled();

    private Caller.Answer edit(String key, JsonNode line, Map<String, Object> patch) {
        return world.ines
                .with("Idempotency-Key", key)
                .call(
                        "PATCH",
                        "/api/editions/" + world.edition + "/lines/"
                                + line.path("id").asString(),
                        patch,
                        line.path("version").asInt());
    }

    private Caller.Answer step(String key, String which) {
        return world.ines.with("Idempotency-Key", key).post("/api/editions/" + world.edition + "/" + which, Map.of());
    }

    private int steps() {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + world.build + "/history")
                .json()
                .size();
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }

    @Test
    void aLostAnswerIsGivenAgainAndTheEditDoneOnce() {
        var line = world.line("CASE");
        var key = key();
        var before = steps();
        var first = edit(key, line, Map.of("quantity", 2));
        var second = edit(key, line, Map.of("quantity", 2));
        assertThat(first.status()).as(first.detail()).isEqualTo(200);
        assertThat(second.status()).isEqualTo(200);
        assertThat(second.text()).isEqualTo(first.text());
        assertThat(steps()).isEqualTo(before + 1);
        assertThat(edit(key(), line, Map.of("quantity", 3)).status()).isEqualTo(412);
    }

    @Test
    void undoAndRedoRetriedOnceGoOneStep() {
        edit(key(), world.line("CASE"), Map.of("quantity", 2));
        edit(key(), world.line("COOLER"), Map.of("quantity", 3));
        var undo = key();
        assertThat(step(undo, "undo").text()).isEqualTo(step(undo, "undo").text());
        assertThat(world.line("COOLER").path("quantity").asInt()).isEqualTo(1);
        assertThat(world.line("CASE").path("quantity").asInt()).isEqualTo(2);
        var redo = key();
        assertThat(step(redo, "redo").text()).isEqualTo(step(redo, "redo").text());
        assertThat(world.line("COOLER").path("quantity").asInt()).isEqualTo(3);
    }

    @Test
    void sentTwiceAtOnceItIsDoneOnce() {
        var line = world.line("CASE");
        var key = key();
        var before = steps();
        var answers = World.together(4, () -> edit(key, line, Map.of("quantity", 2)));
        assertThat(answers).extracting(Caller.Answer::status).containsOnly(200);
        assertThat(answers)
                .extracting(Caller.Answer::text)
                .containsOnly(answers.get(0).text());
        assertThat(steps()).isEqualTo(before + 1);
    }

    @Test
    void whatWasRefusedMayBeSentAgainWithTheSameKey() {
        var line = world.line("CASE");
        var key = key();
        assertThat(edit(key, line, Map.of("quantity", 200)).status()).isEqualTo(422);
        assertThat(edit(key, line, Map.of("quantity", 2)).status()).isEqualTo(200);
    }

    @Test
    void aKeyIsForOneEditOfOnePerson() {
        var line = world.line("CASE");
        var key = key();
        edit(key, line, Map.of("quantity", 2));
        var other = edit(key, world.line("COOLER"), Map.of("quantity", 2));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.detail()).contains("used for another edit");
        assertThat(edit("short", line, Map.of("quantity", 2)).detail()).contains("8 to 64 letters");
        var toms = world.tom
                .with("Idempotency-Key", key)
                .call(
                        "PATCH",
                        "/api/editions/" + world.edition + "/lines/"
                                + world.line("CASE").path("id").asString(),
                        Map.of("quantity", 3),
                        world.line("CASE").path("version").asInt());
        assertThat(toms.status()).isEqualTo(200);
    }
}
