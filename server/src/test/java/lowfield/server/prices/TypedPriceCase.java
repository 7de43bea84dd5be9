package lowfield.server.prices;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;

/** A world with parts whose prices are typed; what was typed is taken out after each test. */
abstract class TypedPriceCase {
    static final String CASE = "hollowell-byre-m-black";
    final World world = new World();
    final DSLContext db = world.stage.bean(DSLContext.class);

    /** Other tests' builds do not count what was typed here. */
    @AfterEach
    void takeOut() {
        var pages = "(select id from product_page where by_hand)";
        var listings = "(select id from listing where guide_id is not null or page_id in " + pages + ")";
        var days = "(select variant_id, shop_id from product_page where by_hand)";
        db.query("delete from price_day where guide_id is not null or (variant_id, shop_id) in " + days)
                .execute();
        db.query("delete from acceptance where listing_id in " + listings).execute();
        db.query("delete from observation where listing_id in " + listings).execute();
        db.query("delete from listing where guide_id is not null or page_id in " + pages)
                .execute();
        db.query("delete from product_page where by_hand").execute();
        world.market("reset");
        world.round();
    }

    String shop(String name) {
        return world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    LocalDate today() {
        return LocalDate.now(ZoneId.of("CET"));
    }

    Map<String, Object> price(long minor) {
        var body = new HashMap<String, Object>();
        body.put("shop", shop("Millrace"));
        body.put("condition", "NEW");
        body.put("stock", "IN_STOCK");
        body.put("priceMinor", minor);
        body.put("currency", "EUR");
        body.put("membersOnly", false);
        body.put("seenOn", today().toString());
        body.put("source", "asked by telephone");
        body.put("sure", false);
        body.put("allGuides", true);
        return body;
    }

    Caller.Answer type(String part, Map<String, Object> price) {
        return world.ines.post("/api/parts/" + world.parts.get(part) + "/prices", price);
    }

    JsonNode caseLine() {
        return world.line("CASE");
    }
}
