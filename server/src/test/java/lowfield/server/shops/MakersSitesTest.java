package lowfield.server.shops;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** A maker's site is asked for figures like a shop, and is nobody's shop. */
class MakersSitesTest {
    private final World world = new World();
    private final String host = "maker" + UUID.randomUUID().toString().substring(0, 8) + ".example";

    private Map<String, Object> site() {
        return new HashMap<>(Map.of(
                "name",
                host,
                "host",
                host,
                "currency",
                "EUR",
                "region",
                "",
                "zone",
                "CET",
                "taxPermille",
                0,
                "mayFreeze",
                true,
                "pages",
                0,
                "hasPrices",
                false));
    }

    private String added() {
        var made = world.ines.post("/api/shops", site());
        assertThat(made.status()).isEqualTo(201);
        assertThat(made.json().path("hasPrices").asBoolean()).isFalse();
        return made.json().path("id").asString();
    }

    @Test
    void aGuideCannotBuyThereAndNobodyTypesAPriceOfIt() {
        var id = added();
        assertThat(world.ines
                        .post("/api/guides", Forms.guide("Of " + host, List.of(id)))
                        .detail())
                .contains("maker's site has no prices");
        var price = world.ines.post(
                "/api/parts/" + world.parts.get("kelder-550-gold") + "/prices",
                Map.of(
                        "shop",
                        id,
                        "currency",
                        "EUR",
                        "condition",
                        "NEW",
                        "stock",
                        "IN_STOCK",
                        "priceMinor",
                        100,
                        "membersOnly",
                        false,
                        "sure",
                        true,
                        "allGuides",
                        true));
        assertThat(price.status()).isEqualTo(404);
    }

    @Test
    void itsPagesAreNoPagesOfARound() {
        added();
        var told = world.ines.post(
                "/api/product-pages",
                Map.of("part", world.parts.get("kelder-550-gold"), "address", "https://" + host + "/psu"));
        assertThat(told.status()).isLessThan(300);
        assertThat(pages()).isZero();
    }

    private int pages() {
        return world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("host").asString().equals(host))
                .findFirst()
                .orElseThrow()
                .path("pages")
                .asInt();
    }

    @Test
    void itHasNoListAndDoesNotBecomeAShop() {
        var listed = site();
        listed.put(
                "feed", Map.of("path", "/list.csv", "format", "COMMA", "columns", Map.of("PRICE", "p", "LINK", "l")));
        assertThat(world.ines.post("/api/shops", listed).detail()).contains("no list of prices");
        var id = added();
        var shop = site();
        shop.put("hasPrices", true);
        Caller.Answer changed = world.ines.call("PUT", "/api/shops/" + id, shop, 1);
        assertThat(changed.status()).isEqualTo(422);
        assertThat(changed.detail()).contains("stays");
    }
}
