package lowfield.server.accounts;

import java.util.Map;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** A filled build with a variant that follows it. */
abstract class SharingCase {
    final World world = new World();
    String variant;

    @BeforeEach
    void aVariantOfAFilledBuild() {
        world.filled().round();
        variant = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "second card"))
                .json()
                .path("build")
                .asString();
    }

    JsonNode line(String slot) {
        return World.line(
                world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + variant + "/bench")
                        .json(),
                slot);
    }

    JsonNode bench(String build) {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + build + "/bench")
                .json();
    }

    JsonNode card(String tierName) {
        return world.desk()
                .path("cards")
                .valueStream()
                .filter(c -> c.path("tierName").asString().equals(tierName))
                .findFirst()
                .orElseThrow();
    }
}
