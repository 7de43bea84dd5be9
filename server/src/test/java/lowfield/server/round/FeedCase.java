package lowfield.server.round;

import java.util.LinkedHashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.outbound.PoliteFetcher;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;

/** A shop whose list is told to the desk, and told anew after each test. */
abstract class FeedCase {
    static final Map<String, Object> FEED = Map.of(
            "path",
            "/export/list.tsv",
            "format",
            "TAB",
            "columns",
            Map.of(
                    "GTIN",
                    "gtin",
                    "PRICE",
                    "amount",
                    "CONDITION",
                    "grade",
                    "STOCK",
                    "availability",
                    "SHIPPING",
                    "postage",
                    "LINK",
                    "url",
                    "MEMBERS",
                    "members"));

    final World world = new World();
    final JsonNode before = millrace();

    JsonNode millrace() {
        return world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("host").asString().equals("millrace.example"))
                .findFirst()
                .orElseThrow();
    }

    Caller.Answer set(Object feed, int version) {
        var shop = new LinkedHashMap<String, Object>();
        before.propertyStream().forEach(p -> shop.put(p.getKey(), p.getValue()));
        shop.put("feed", feed);
        return world.ines.call("PUT", "/api/shops/" + before.path("id").asString(), shop, version);
    }

    int version() {
        return millrace().path("version").asInt();
    }

    @AfterEach
    void normal() {
        world.market("reset");
        world.stage.bean(PoliteFetcher.class).forget();
        set(null, version());
    }

    static JsonNode feed(JsonNode round) {
        return round.path("feeds").get(0);
    }
}
