package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation of the HTTP interface, as its description lists them, is sent what it does not expect: wrong types, nulls,
 * missing and huge values, in the body, one field at a time, and in the query. Nothing of it is an error of the server.
 */
class BadRequestsTest extends RequestCase {
    private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)}");
    private static final List<String> METHODS = List.of("get", "put", "post", "patch", "delete");

    /** What would end this very session, or leaves a line open. */
    private static final List<String> LEFT_OUT = List.of(
            "delete /api/session",
            "delete /api/account/sessions",
            "delete /api/account/sessions/{key}",
            "get /api/editions/{edition}/changes",
            "get /api/rounds/{id}/events");

    private final List<String> broken = new ArrayList<>();
    private final TreeSet<String> tried = new TreeSet<>();
    private final Map<String, Integer> reached = new TreeMap<>();
    private final Map<String, String> ids = world.ids();
    private final String part = world.parts.get("stillmoor-120-tower");

    @Test
    void noOperationAnswersWithAnErrorOfItsOwn() {
        description
                .path("paths")
                .propertyStream()
                .forEach(path -> METHODS.stream()
                        .filter(path.getValue()::has)
                        .filter(method -> !LEFT_OUT.contains(method + " " + path.getKey()))
                        .forEach(method ->
                                operation(method, path.getKey(), path.getValue().path(method))));
        assertThat(broken).isEmpty();
        assertThat(tried).hasSizeGreaterThan(60);
        assertThat(reached.get("patch /api/editions//lines/")).as("%s", reached).isGreaterThan(100);
        assertThat(reached.get("patch /api/parts/")).as("%s", reached).isGreaterThan(20);
    }

    private void operation(String method, String path, JsonNode operation) {
        tried.add(method + " " + path);
        var schema = resolved(operation
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema"));
        var bodies = schema.isMissingNode() ? List.<JsonNode>of(JSON.missingNode()) : bodies(schema);
        bodies.forEach(body -> send(method, real(path) + query(operation, ""), body));
        send(method, strange(path) + query(operation, ""), bodies.get(0));
        for (var odd : List.of("x", "-1", "999999999999999999999", "null", "é".repeat(300))) {
            send(method, real(path) + query(operation, odd), bodies.get(0));
        }
    }

    private void send(String method, String address, JsonNode body) {
        var text = body.isMissingNode() ? "" : body.toString();
        var answer = world.ines.call(method.toUpperCase(Locale.ROOT), address, text, version(method, address));
        reached.merge(
                method + " " + address.replaceAll("[0-9a-f-]{36}|\\?.*", ""),
                answer.status() == 404 ? 0 : 1,
                Integer::sum);
        if (answer.status() >= 500) {
            broken.add("%d %s %s %s"
                    .formatted(answer.status(), method, address, text.substring(0, Math.min(300, text.length()))));
        }
    }

    /** An edit of a line goes past its version: it is what this test is about most. */
    private int version(String method, String address) {
        return method.equals("patch") && address.contains(ids.get("line"))
                ? world.line("CASE").path("version").asInt()
                : 1;
    }

    /** The ids of this world where it has some. */
    private String real(String path) {
        var id = Map.of("kind", "CASE", "part", part, "id", path.startsWith("/api/parts/") ? part : SOME_ID);
        return VARIABLE.matcher(path)
                .replaceAll(r -> ids.getOrDefault(r.group(1), id.getOrDefault(r.group(1), SOME_ID)));
    }

    private static String strange(String path) {
        return VARIABLE.matcher(path).replaceAll("%27%3B--%20x");
    }

    private static String query(JsonNode operation, String odd) {
        var text = new StringBuilder();
        operation.path("parameters").forEach(p -> {
            if (p.path("in").asString().equals("query")) {
                text.append(text.isEmpty() ? "?" : "&")
                        .append(p.path("name").asString())
                        .append('=')
                        .append(URLEncoder.encode(
                                odd.isEmpty() ? usual(p.path("schema")) : odd, StandardCharsets.UTF_8));
            }
        });
        return text.toString();
    }

    private static String usual(JsonNode schema) {
        return schema.has("enum") ? schema.path("enum").get(0).asString() : SOME_ID;
    }

    /** A likely body, and the same with each of its fields, at any depth, broken in each way. */
    private List<JsonNode> bodies(JsonNode schema) {
        var likely = likely(schema, 0);
        var all = new ArrayList<>(List.of(
                likely,
                JSON.nullNode(),
                JSON.stringNode("x"),
                JSON.numberNode(7),
                JSON.arrayNode(),
                JSON.objectNode()));
        broken(likely).forEach(all::add);
        return all;
    }

    private static Stream<JsonNode> broken(JsonNode body) {
        if (body.isArray() && !body.isEmpty()) {
            return broken(body.get(0)).map(b -> JSON.arrayNode().add(b));
        }
        return body.isObject()
                ? body.propertyStream()
                        .flatMap(p -> Stream.concat(odd(), broken(p.getValue()))
                                .map(value -> with((ObjectNode) body, p.getKey(), value)))
                : Stream.empty();
    }
}
