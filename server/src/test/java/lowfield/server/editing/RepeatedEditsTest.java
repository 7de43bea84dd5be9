package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

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

    private Caller.Answer takeIn(String key, String product, boolean dry) {
        var file = "maker,product\nAldane," + product + "\n";
        return world.ines
                .with("Idempotency-Key", key)
                .file("/api/kinds/CASE/file?form=CSV&dry=" + dry, file.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aFileIsTakenInOnceAndItsReportGivenAgain() {
        var product = "Box " + UUID.randomUUID();
        var key = key();
        assertThat(takeIn(key, product, true).json().path("added").asInt()).isOne();
        var first = takeIn(key, product, false);
        assertThat(first.json().path("added").asInt()).as(first.text()).isOne();
        var second = takeIn(key, product, false);
        assertThat(second.text()).isEqualTo(first.text());
        assertThat(takeIn(key(), product, false).json().path("added").asInt()).isZero();
        var other = takeIn(key, product + " 2", false);
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.detail()).contains("used for another edit");
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

    /** What has no version to be held against would be there twice. */
    @ParameterizedTest
    @CsvSource({
        "POST, /api/kinds/CASE/sentences, '{\"name\": \"small ones\", \"sentence\": \"\"}', kept_query",
        "POST, /api/parts/{part}/facts, '{\"form\": \"BUILT_WITH\", \"words\": \"slides in easily\"}', soft_fact",
        "POST, /api/guides, '{}', guide"
    })
    void aCreationThatIsSentAgainIsThereOnce(String method, String path, String body, String table) {
        var db = world.stage.bean(org.jooq.DSLContext.class);
        var where = path.replace("{part}", world.parts.get("stillmoor-120-tower"));
        Object sent = table.equals("guide") ? guide() : body;
        var key = key();
        var before = db.fetchCount(DSL.table(table));
        var first = world.ines.with("Idempotency-Key", key).call(method, where, sent, null);
        var second = world.ines.with("Idempotency-Key", key).call(method, where, sent, null);
        assertThat(first.status()).as(first.detail()).isLessThan(300);
        assertThat(second.text()).isEqualTo(first.text());
        assertThat(db.fetchCount(DSL.table(table))).isEqualTo(before + 1);
    }

    /** What names the version it was made from would meet itself, and be told that somebody else had changed it. */
    @ParameterizedTest
    @ValueSource(strings = {"part", "p%61rt", "shop", "guide"})
    void aChangeOutsideEditionsThatIsSentAgainIsAnsweredAlike(String which) {
        var path = address(which);
        var read = path.replace("%61", "a");
        var before = read(read);
        var version = before.path("version").asInt();
        var body = which.contains("rt")
                ? Map.of("avoid", "The fan rattles.")
                // Shops are every test's: one stays as it is, and only its version moves on.
                : which.equals("shop")
                        ? before
                        : ((ObjectNode) before).put("name", which + " " + key().substring(0, 8));
        var method = which.contains("rt") ? "PATCH" : "PUT";
        var key = key();
        var first = world.ines.with("Idempotency-Key", key).call(method, path, body, version);
        var second = world.ines.with("Idempotency-Key", key).call(method, path, body, version);
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        assertThat(second.status()).as(second.text()).isEqualTo(200);
        assertThat(second.text()).isEqualTo(first.text());
        assertThat(first.text())
                .contains(
                        which.contains("rt")
                                ? "The fan rattles."
                                : before.path("name").asString());
        assertThat(read(read).path("version").asInt()).isEqualTo(version + 1);
        assertThat(world.ines.call(method, path, body, version).status()).isEqualTo(412);
    }

    private JsonNode read(String path) {
        return path.startsWith("/api/shops/")
                ? world.ines
                        .get("/api/shops")
                        .json()
                        .valueStream()
                        .filter(s -> path.endsWith(s.path("id").asString()))
                        .findFirst()
                        .orElseThrow()
                : world.ines.get(path).json();
    }

    private String address(String which) {
        return switch (which) {
            case "shop" ->
                "/api/shops/"
                        + world.ines.get("/api/shops").json().path(0).path("id").asString();
            case "guide" -> "/api/guides/" + world.slug;
            default -> "/api/" + which + "s/" + world.parts.get("stillmoor-120-tower");
        };
    }

    @Test
    void whatAnswersWithASecretIsNeverKept() {
        var db = world.stage.bean(org.jooq.DSLContext.class);
        var key = key();
        var invited = world.ines
                .with("Idempotency-Key", key)
                .post("/api/people", Map.of("name", "Kit", "email", key + "@desk.example", "role", "EDITOR"));
        assertThat(invited.status()).as(invited.detail()).isLessThan(300);
        assertThat(db.fetchCount(DSL.table("edit_key"), DSL.field("key").eq(key)))
                .isZero();
    }

    private Map<String, Object> guide() {
        var guide = Forms.guide("Twice " + key(), List.of());
        guide.put("shops", world.ines.get("/api/guides/" + world.slug).json().path("shops"));
        return guide;
    }
}
