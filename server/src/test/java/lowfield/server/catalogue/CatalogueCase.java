package lowfield.server.catalogue;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import tools.jackson.databind.JsonNode;

/** A catalogue to which parts are added. */
abstract class CatalogueCase {
    final World world = new World();

    String add(String kind, String name, String variant, Map<String, Object> spec) {
        var part = new HashMap<String, Object>(
                Map.of("kind", kind, "maker", "Test", "family", "", "name", name, "variant", variant));
        part.put("spec", spec);
        return world.ines.post("/api/parts", part).json().path("id").asString();
    }

    JsonNode sheet(String id) {
        return world.ines.get("/api/parts/" + id).json();
    }

    Caller.Answer correct(String id, Object correction, int version) {
        return world.ines.call("PATCH", "/api/parts/" + id, correction, version);
    }

    String part(String name) {
        return world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind", "OTHER", "maker", "Twins", "family", "", "name", name, "variant", "", "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString();
    }
}
