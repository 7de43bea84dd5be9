package lowfield.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import lowfield.core.part.Kind;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** docs/formats/parts holds what the kinds' records say; LOWFIELD_WRITE_DOCS=1 writes it anew. */
class PartSchemaTest {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    private static Path file(Kind kind) {
        return Path.of("..", "docs", "formats", "parts", kind.name().toLowerCase(Locale.ROOT) + ".schema.json");
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void theSchemaIsUpToDate(Kind kind) throws IOException {
        var schema = JSON.writeValueAsString(PartSchema.of(kind)) + "\n";
        if (System.getenv("LOWFIELD_WRITE_DOCS") != null) {
            Files.writeString(file(kind), schema);
        }
        assertThat(file(kind)).hasContent(schema);
    }

    @Test
    void aFileThatIsGivenOutObeysIt() throws IOException {
        var world = new World();
        for (var kind : new Kind[] {Kind.MOTHERBOARD, Kind.CASE, Kind.PROCESSOR}) {
            var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(Files.readString(file(kind)), InputFormat.JSON);
            var out = world.ines.get("/api/kinds/" + kind + "/file?form=JSON").text();
            assertThat(schema.validate(out, InputFormat.JSON)).isEmpty();
            assertThat(schema.validate(
                            "[{\"maker\":\"T\",\"product\":\"X\",\"spec\":{\"wheels\":4}}]", InputFormat.JSON))
                    .isNotEmpty();
        }
    }
}
