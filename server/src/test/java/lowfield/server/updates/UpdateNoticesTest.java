package lowfield.server.updates;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What an update changed is told once, with its place. */
class UpdateNoticesTest {
    private final World world = new World();
    private final DSLContext db = world.stage.bean(DSLContext.class);

    @AfterEach
    void takeOut() {
        db.execute("delete from update_notice");
    }

    private JsonNode unread() {
        return world.tom.get("/api/updates").json();
    }

    @Test
    void aPriceThatEndedIsToldWithItsPartUntilSomebodyHasReadIt() {
        var part = world.parts.get("hollowell-byre-m-black");
        db.execute(
                "insert into update_notice (kind, variant_id, said) values ('price-ended', ?::uuid, '{\"minor\": 6000, \"currency\": \"EUR\"}')",
                part);
        var notice = unread().get(0);
        assertThat(notice.path("sentence").asString()).contains("60.00", "ended");
        assertThat(notice.path("part").asString()).isEqualTo(part);
        var ids = Map.of("ids", List.of(notice.path("id").asLong()));
        assertThat(world.ines.post("/api/updates/read", ids).status()).isEqualTo(204);
        assertThat(unread()).isEmpty();
        assertThat(world.ines.post("/api/updates/read", ids).status()).isEqualTo(404);
    }

    /** The migration itself, over a draft with an answer, an exception of before and a text that was carried over. */
    @Test
    void whatTheDataShowsIsToldWithItsPlace() throws IOException {
        world.filled().round();
        var guide = world.desk().path("guide").path("id").asString();
        var text = Map.of("place", "EDITION", "introduction", "A quiet month.", "verdict", "", "disclosure", "");
        world.ines.call("PUT", "/api/editions/" + world.edition + "/texts/EDITION/" + guide, text, 0);
        world.publish();
        db.execute(
                "insert into finding_answer (edition_id, build_id, fingerprint, check_id, answer, account_id, at)"
                        + " select ?::uuid, ?::uuid, 'f', 'air', 'Known.', id, now() from account limit 1",
                world.edition,
                world.build);
        db.execute(
                "insert into waiver (edition_id, gate, fingerprint, reason, account_id, at)"
                        + " select ?::uuid, 'REASONS', 'f', 'Known.', id, now() from account limit 1",
                world.edition);
        db.execute("delete from update_notice");
        try (var sql = getClass().getResourceAsStream("/db/migration/V042__told_after_the_update.sql")) {
            for (var statement : new String(sql.readAllBytes(), StandardCharsets.UTF_8).split(";\\s*\\n")) {
                if (!statement.isBlank()) {
                    db.execute(statement);
                }
            }
        }
        var own = unread().valueStream()
                .filter(n -> n.path("guide").asString("").equals(world.slug))
                .toList();
        assertThat(own).extracting(n -> n.path("view").asString()).containsExactly("DESK", "PRESS", "DESK");
        assertThat(own)
                .extracting(n -> n.path("sentence").asString())
                .satisfiesExactly(
                        s -> assertThat(s).contains("1 answer carried over"),
                        s -> assertThat(s).contains("no longer count (1 exception)"),
                        s -> assertThat(s).contains("1 text carried over"));
    }
}
