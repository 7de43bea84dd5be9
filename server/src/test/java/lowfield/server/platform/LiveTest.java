package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Other people's changes arrive at an open desk. */
class LiveTest {
    private final World world = new World();

    @Test
    void anEditIsToldToOpenDesksWithWhoAndWhat() throws Exception {
        try (var desk = world.ines.listening("/api/editions/" + world.edition + "/changes")) {
            world.edit(world.tom, world.line("CASE"), Map.of("quantity", 2));
            var told = desk.next();
            assertThat(told.path("by").asString()).startsWith("tom");
            assertThat(told.path("label").asString()).isEqualTo("Case: details");
            assertThat(told.path("build").asString()).isEqualTo(world.build);
            world.tom.post("/api/editions/" + world.edition + "/undo", Map.of());
            assertThat(desk.next().path("label").asString()).isEqualTo("Case: details");
        }
    }

    /** What was refused is not told: the next thing heard is the edit after it. */
    @Test
    void whatIsRefusedIsNotTold() throws Exception {
        try (var desk = world.ines.listening("/api/editions/" + world.edition + "/changes")) {
            world.edit(world.tom, world.line("CASE"), Map.of("quantity", 99));
            world.edit(world.tom, world.line("CASE"), Map.of("note", "mind the dust"));
            assertThat(desk.next().path("label").asString()).isEqualTo("Case: note");
        }
    }

    @Test
    void strangersHearNothing() {
        var stranger = new Caller(world.stage.desk());
        assertThat(stranger.get("/api/editions/" + world.edition + "/changes").status())
                .isEqualTo(401);
    }
}
