package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Query sentences kept by name. */
class KeptQueriesTest {
    private static final String PATH = "/api/kinds/WEBCAM/sentences";
    private final World world = new World();

    private Caller.Answer keep(String name, String sentence) {
        return world.ines.post(PATH, Map.of("name", name, "sentence", sentence));
    }

    @Test
    void aSentenceIsKeptForEveryoneAndLetGo() {
        var kept = keep("cheap ones", "price=..6000&by=NEWNESS").json();
        assertThat(kept.path("sentence").asString()).isEqualTo("price=..6000&by=NEWNESS");
        assertThat(world.tom
                        .get(PATH)
                        .json()
                        .valueStream()
                        .map(k -> k.path("name").asString()))
                .contains("cheap ones");
        keep("cheap ones", "price=..5000");
        assertThat(world.tom
                        .get(PATH)
                        .json()
                        .valueStream()
                        .map(k -> k.path("sentence").asString()))
                .contains("price=..5000")
                .doesNotContain("price=..6000&by=NEWNESS");
        var path = "/api/sentences/" + kept.path("id").asString();
        assertThat(world.tom.call("DELETE", path, null, null).status()).isEqualTo(204);
        assertThat(world.tom.call("DELETE", path, null, null).status()).isEqualTo(404);
    }

    @Test
    void whatIsNoSentenceIsRefused() {
        assertThat(keep("wheels", "wheels=4").detail()).contains("no figure \"wheels\"");
        assertThat(keep("  ", "").detail()).contains("1 to 80 letters");
    }
}
