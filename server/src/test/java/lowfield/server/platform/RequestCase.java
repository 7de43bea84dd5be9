package lowfield.server.platform;

import java.util.stream.Stream;
import lowfield.server.kit.World;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Bodies of requests, made from the description of the interface. */
abstract class RequestCase {
    static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    static final String SOME_ID = "00000000-0000-4000-8000-000000000000";
    final World world = new World();
    final JsonNode description = world.ines.get("/api/openapi").json();

    static Stream<JsonNode> odd() {
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

    static JsonNode with(ObjectNode body, String name, JsonNode value) {
        var copy = body.deepCopy();
        if (value.isMissingNode()) {
            copy.remove(name);
        } else {
            copy.set(name, value);
        }
        return copy;
    }

    JsonNode likely(JsonNode unresolved, int depth) {
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

    static JsonNode text(String format) {
        return JSON.stringNode(
                switch (format) {
                    case "uuid" -> SOME_ID;
                    case "date" -> "2026-12-01";
                    case "date-time" -> "2026-12-01T06:00:00Z";
                    default -> "EUR";
                });
    }

    JsonNode resolved(JsonNode schema) {
        var reference = schema.path("$ref").asString("");
        return reference.isEmpty()
                ? schema
                : description
                        .path("components")
                        .path("schemas")
                        .path(reference.substring(reference.lastIndexOf('/') + 1));
    }
}
