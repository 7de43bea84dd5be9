package lowfield.server.updates;

import static org.assertj.core.api.Assertions.assertThat;

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
}
