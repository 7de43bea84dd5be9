package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** Requests with something missing are told what. */
class MissingFieldsTest extends RequestCase {
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
