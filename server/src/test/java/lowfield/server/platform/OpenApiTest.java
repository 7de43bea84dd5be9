package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

class OpenApiTest {
    private static final Path CHECKED_IN = Path.of("../docs/formats/openapi.json");

    /** The front end's client is generated from the file; with LOWFIELD_WRITE_OPENAPI it is written anew. */
    @Test
    void theCheckedInDescriptionIsTheServedOne() throws Exception {
        var served = new World().ines.get("/api/openapi").json();
        if (System.getenv("LOWFIELD_WRITE_OPENAPI") != null) {
            var writer = JsonMapper.builder()
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .build();
            Files.writeString(CHECKED_IN, writer.writeValueAsString(served) + "\n");
        }
        assertThat(Caller.JSON.readTree(Files.readString(CHECKED_IN)))
                .as("run the tests once with LOWFIELD_WRITE_OPENAPI=1")
                .isEqualTo(served);
    }
}
