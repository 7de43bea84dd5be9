package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Requests with something missing are told what. */
class MissingFieldsTest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String SOME_ID = "00000000-0000-4000-8000-000000000000";
    private final World world = new World();
    private final JsonNode description = world.ines.get("/api/openapi").json();

    private static Stream<JsonNode> odd() {
        return Stream.of(
                JSON.missingNode(),
                JSON.nullNode(),
                JSON.stringNode("x".repeat(5000)),
                JSON.stringNode("a\u0000b"),
                JSON.numberNode(-1),
                JSON.numberNode(Long.MAX_VALUE),
                JSON.numberNode(1e300),
                JSON.booleanNode(true),
                JSON.arrayNode().add(JSON.nullNode()),
                JSON.objectNode().set("unknown", JSON.nullNode()));
    }

    private static JsonNode with(ObjectNode body, String name, JsonNode value) {
        var copy = body.deepCopy();
        if (value.isMissingNode()) {
            copy.remove(name);
        } else {
            copy.set(name, value);
        }
        return copy;
    }

    private JsonNode likely(JsonNode unresolved, int depth) {
        var schema = resolved(unresolved);
        if (schema.has("enum")) {
            return schema.path("enum").get(0);
        }
        if (schema.has("properties")) {
            var object = JSON.objectNode();
            if (depth < 4) {
                schema.path("properties")
                        .propertyStream()
                        .forEach(p -> object.set(p.getKey(), likely(p.getValue(), depth + 1)));
            }
            return object;
        }
        if (schema.has("oneOf")) {
            return likely(schema.path("oneOf").get(0), depth + 1);
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> text(schema.path("format").asString(""));
            case "integer", "number" -> JSON.numberNode(3);
            case "boolean" -> JSON.booleanNode(true);
            case "array" -> JSON.arrayNode().add(likely(schema.path("items"), depth + 1));
            default -> JSON.objectNode().set("length", JSON.numberNode(3));
        };
    }

    private static JsonNode text(String format) {
        return JSON.stringNode(
                switch (format) {
                    case "uuid" -> SOME_ID;
                    case "date" -> "2026-12-01";
                    case "date-time" -> "2026-12-01T06:00:00Z";
                    default -> "EUR";
                });
    }

    private JsonNode resolved(JsonNode schema) {
        var reference = schema.path("$ref").asString("");
        return reference.isEmpty()
                ? schema
                : description
                        .path("components")
                        .path("schemas")
                        .path(reference.substring(reference.lastIndexOf('/') + 1));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POST | /api/guides | name",
                "POST | /api/guides | policy",
                "POST | /api/shops | host",
                "POST | /api/parts | name",
                "POST | /api/parts | spec",
                "POST | /api/people | email",
                "POST | /api/product-pages | address"
            })
    void whatIsMissingOrNullIsNamed(String method, String path, String field) {
        var whole = (ObjectNode) likely(
                resolved(description
                        .path("paths")
                        .path(path)
                        .path(method.toLowerCase(Locale.ROOT))
                        .path("requestBody")
                        .path("content")
                        .path("application/json")
                        .path("schema")),
                0);
        whole.remove(List.of("rounds", "feed"));
        for (var body : List.of(with(whole, field, JSON.missingNode()), with(whole, field, JSON.nullNode()))) {
            var answer = world.ines.call(method, path, body.toString(), null);
            assertThat(answer.status()).as(answer.text()).isEqualTo(400);
            assertThat(answer.json().path("field").asString()).isEqualTo(field);
            assertThat(answer.detail()).contains("\"" + field + "\"");
        }
    }

    @Test
    void aFigureThatNoPartHasIsNamed() {
        var body = new LinkedHashMap<String, Object>(Map.of(
                "kind",
                "CASE",
                "maker",
                "Test",
                "family",
                "",
                "name",
                "odd",
                "variant",
                "",
                "spec",
                Map.of("colourr", "black")));
        var answer = world.ines.post("/api/parts", body);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.detail()).contains("colourr");
        var part = world.parts.get("hollowell-byre-m-black");
        var version =
                world.ines.get("/api/parts/" + part).json().path("version").asInt();
        var correction =
                world.ines.call("PATCH", "/api/parts/" + part, Map.of("figures", Map.of("colourr", "black")), version);
        assertThat(correction.status()).isBetween(400, 422);
        assertThat(correction.detail()).contains("colourr");
    }
}
