package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** What the ladder says of its steps over HTTP. */
class LadderStepsTest {
    private final World world = new World();

    @Test
    void aTierThatIsACopyHasGrownTogetherWithItsPattern() {
        world.filled();
        world.round();
        var ladder = "/api/editions/" + world.edition + "/ladder";
        assertThat(world.ines.get(ladder).json().path("steps")).isEmpty();
        world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers/from-build",
                Map.of(
                        "form", Forms.tier("Skipper", 90000, 99000),
                        "source", Map.of("edition", world.edition, "build", world.build, "how", "COPY")));
        var told = world.ines.get(ladder).json();
        assertThat(told.path("steps").get(0).asString()).startsWith("Skipper costs as much as Bosun and shares");
        assertThat(told.path("warnings").get(0).asString()).startsWith("Bosun and Skipper have grown together");
    }
}
