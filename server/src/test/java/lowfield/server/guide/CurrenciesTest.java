package lowfield.server.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A guide in a currency without hundredths is right from the typed price to the reader's page. */
class CurrenciesTest {
    private final World world = new World();

    @AfterEach
    void takeOut() {
        var db = world.stage.bean(DSLContext.class);
        var pages = "(select id from product_page where by_hand)";
        var listings = "(select id from listing where guide_id is not null or page_id in " + pages + ")";
        db.query(
                        "delete from price_day where guide_id is not null or (variant_id, shop_id) in (select variant_id, shop_id from product_page where by_hand)")
                .execute();
        db.query("delete from acceptance where listing_id in " + listings).execute();
        db.query("delete from observation where listing_id in " + listings).execute();
        db.query("delete from listing where guide_id is not null or page_id in " + pages)
                .execute();
        db.query("delete from product_page where by_hand").execute();
    }

    private String shop(String currency) {
        var form = new HashMap<String, Object>(Map.of(
                "name",
                "Shop in " + currency,
                "host",
                "shop-" + currency.toLowerCase(java.util.Locale.ROOT) + ".example",
                "currency",
                currency,
                "region",
                "Home coast",
                "zone",
                "CET",
                "taxPermille",
                100,
                "mayFreeze",
                true,
                "pages",
                0,
                "shippingMinor",
                0));
        var made = world.ines.post("/api/shops", form);
        assertThat(made.status()).as(made.detail()).isLessThan(300);
        return made.json().path("id").asString();
    }

    private Map<String, Object> price(String shop, String currency, long minor) {
        return Map.of(
                "shop",
                shop,
                "condition",
                "NEW",
                "stock",
                "IN_STOCK",
                "priceMinor",
                minor,
                "currency",
                currency,
                "membersOnly",
                false,
                "source",
                "asked by telephone",
                "sure",
                false,
                "allGuides",
                true);
    }

    @ParameterizedTest
    @CsvSource({"JPY, 128450, 100000, 130000, '128,450', 1550", "KWD, 1250500, 1000000, 1300000, '1,250.500', 49500"})
    void sumsBandsAndPagesGoByTheCurrencysOwnDecimals(
            String currency, long minor, long from, long to, String told, long left) {
        var shop = shop(currency);
        var form = new HashMap<>(Forms.guide("Guide in " + currency, List.of(shop)));
        form.put("currency", currency);
        var slug = world.ines.post("/api/guides", form).json().path("slug").asString();
        world.ines.post(
                "/api/guides/" + slug + "/editions",
                Map.of("period", "2026-12-01", "tiers", List.of(Forms.tier("Bosun", from, to))));
        var desk = world.ines.get("/api/guides/" + slug).json();
        assertThat(desk.path("currency").asString()).isEqualTo(currency);
        var there = world.in(slug);
        there.choose("CASE", "hollowell-byre-m-black");
        var typed = world.ines.post(
                "/api/parts/" + world.parts.get("hollowell-byre-m-black") + "/prices", price(shop, currency, minor));
        assertThat(typed.status()).as(typed.detail()).isLessThan(300);
        var gauge = there.bench().path("tally").path("gauge");
        assertThat(gauge.path("total").path("minor").asLong()).isEqualTo(minor);
        assertThat(gauge.path("standing").path("state").asString()).isEqualTo("INSIDE");
        assertThat(gauge.path("standing").path("byMinor").asLong()).isEqualTo(left);
        there.publishAnyway();
        assertThat(there.publish(world.ines).status()).isEqualTo(201);
        assertThat(world.read("/" + slug)).contains(told);
    }
}
