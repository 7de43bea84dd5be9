package lowfield.server.pricesheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import lowfield.server.shops.OwnShop;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A guide without any shop: all its prices are typed, one after the other. */
class PriceSheetTest {
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final String CASE = "hollowell-byre-m-black";
    private static final String CARD = "merrowby-vane-five-8-gb-black";

    private final World desk = new World();
    private World world;

    @BeforeEach
    void aGuideWithoutShops() {
        var made = desk.ines.post("/api/guides", Forms.guide("No shops " + NEXT.incrementAndGet(), List.of()));
        assertThat(made.status()).isEqualTo(201);
        var slug = made.json().path("slug").asString();
        desk.ines.post(
                "/api/guides/" + slug + "/editions",
                Map.of("period", "2026-12-01", "tiers", List.of(Forms.tier("Bosun", 84000, 92000))));
        world = desk.in(slug).filled();
    }

    @AfterEach
    void whatWasTypedCountsForNobodyElse() {
        var db = desk.stage.bean(DSLContext.class);
        var pages = "(select id from product_page where by_hand)";
        var listings = "(select id from listing where guide_id is not null or page_id in " + pages + ")";
        db.query(
                        "delete from price_day where guide_id is not null or (variant_id, shop_id) in (select variant_id, shop_id from product_page where by_hand)")
                .execute();
        for (var table : List.of("acceptance", "observation")) {
            db.query("delete from " + table + " where listing_id in " + listings)
                    .execute();
        }
        db.query("delete from listing where guide_id is not null or page_id in " + pages)
                .execute();
        db.query("delete from product_page where id in " + pages).execute();
        desk.round();
    }

    private JsonNode rows() {
        return world.ines.get("/api/editions/" + world.edition + "/price-sheet").json();
    }

    private Optional<JsonNode> row(String part) {
        return rows().valueStream()
                .filter(r -> r.path("part").asString().equals(world.parts.get(part)))
                .findFirst();
    }

    private Map<String, Object> price(long minor) {
        var body = new HashMap<String, Object>();
        body.put("condition", "NEW");
        body.put("stock", "IN_STOCK");
        body.put("priceMinor", minor);
        body.put("currency", "EUR");
        body.put("membersOnly", false);
        body.put("sure", false);
        body.put("allGuides", false);
        body.put(
                "guide",
                world.ines.get("/api/guides/" + world.slug).json().path("id").asString());
        body.put("shippingMinor", 0);
        return body;
    }

    private Caller.Answer type(String part, Map<String, Object> price) {
        return world.ines.post("/api/parts/" + world.parts.get(part) + "/prices", price);
    }

    @Test
    void everyChoiceWaitsForAPriceInTheOrderOfTheGuide() {
        assertThat(rows().valueStream()
                        .map(r -> r.path("uses").get(0).path("slot").asString()))
                .containsExactly(
                        "Graphics card",
                        "CPU",
                        "Motherboard",
                        "Memory",
                        "CPU cooler",
                        "System drive",
                        "Power supply",
                        "Case");
        assertThat(rows().valueStream()).allSatisfy(r -> {
            assertThat(r.path("state").asString()).isEqualTo("MISSING");
            assertThat(r.path("why").asString()).isNotBlank();
            assertThat(r.path("uses").get(0).path("where").asString()).isEqualTo("Bosun");
        });
    }

    @Test
    void aPriceWithoutAShopIsTheAuthorsWordAndCounts() {
        assertThat(type(CASE, price(6000)).status()).isEqualTo(201);
        var line = world.line("CASE");
        assertThat(line.path("goods").path("minor").asLong()).isEqualTo(6000);
        assertThat(line.path("offer").path("seller").asString()).isEqualTo("no particular seller");
        assertThat(line.path("offer").path("link").asString()).isEmpty();
        var row = row(CASE).orElseThrow();
        assertThat(row.path("state").asString()).isEqualTo("TYPED");
        assertThat(row.path("last").path("minor").asLong()).isEqualTo(6000);
        assertThat(row.path("place").path("shop").isNull()).isTrue();
        assertThat(row.path("place").path("number").asLong()).isPositive();
    }

    @Test
    void aTypedPriceIsTakenBackByItsNumber() {
        type(CASE, price(6000));
        var number = row(CASE).orElseThrow().path("place").path("number").asLong();
        var answer = world.ines.call("DELETE", "/api/parts/" + world.parts.get(CASE) + "/prices/" + number, null, null);
        assertThat(answer.status()).isEqualTo(204);
        assertThat(row(CASE).orElseThrow().path("state").asString()).isEqualTo("MISSING");
    }

    @Test
    void aPriceFarFromTheLastIsMarkedAsSuchAndTakenWhenOneIsSure() {
        type(CASE, price(6000));
        var far = price(600);
        var asked = type(CASE, far);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.json().path("isFarOff").asBoolean()).isTrue();
        far.put("sure", true);
        assertThat(type(CASE, far).status()).isEqualTo(201);
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(600);
    }

    @Test
    void anAlternativeWaitsForItsPriceTooAndAPartIsAskedForOnce() {
        var option = Map.of("purpose", "UPGRADE", "part", world.parts.get("hartle-basalt-16-gb"), "note", "");
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("options", List.of(option)));
        assertThat(row("hartle-basalt-16-gb").orElseThrow().path("uses")).hasSize(1);
        assertThat(row(CARD).orElseThrow().path("uses")).hasSize(1);
    }

    @Test
    void aPriceTypedForAShopOfAnotherGuideIsNotRememberedHere() {
        var elsewhere = price(6000);
        elsewhere.put(
                "shop",
                desk.ines
                        .get("/api/guides/" + desk.slug)
                        .json()
                        .path("shops")
                        .get(0)
                        .asString());
        elsewhere.put("link", null);
        assertThat(type(CASE, elsewhere).status()).isEqualTo(201);
        var row = row(CASE).orElseThrow();
        assertThat(row.path("state").asString()).isEqualTo("MISSING");
        assertThat(row.path("place").isNull() || row.path("place").isMissingNode())
                .isTrue();
        assertThat(row.path("last").isNull() || row.path("last").isMissingNode())
                .isTrue();
    }

    @Test
    void anUnlistedPartIsPricedOnItsLine() {
        world.edit(
                world.ines,
                world.line("CASE"),
                Map.of("choice", Map.of("type", "FREE_HAND", "name", "Shelf case", "priceMinor", 4900)));
        var row = rows().valueStream()
                .filter(r -> r.path("state").asString().equals("UNLISTED"))
                .findFirst()
                .orElseThrow();
        assertThat(row.path("name").asString()).isEqualTo("Shelf case");
        assertThat(row.path("last").path("minor").asLong()).isEqualTo(4900);
        assertThat(row.path("version").asInt())
                .isEqualTo(world.line("CASE").path("version").asInt());
    }

    @Test
    void aGuideThatBuysAtShopsAsksForNothingThatTheyPrice() {
        desk.filled().round();
        var sheet =
                desk.ines.get("/api/editions/" + desk.edition + "/price-sheet").json();
        assertThat(sheet).isEmpty();
    }

    @Test
    void theOwnShopIsInNoListAndIsNeverAsked() {
        type(CASE, price(6000));
        assertThat(world.ines
                        .get("/api/shops")
                        .json()
                        .valueStream()
                        .map(s -> s.path("id").asString()))
                .doesNotContain(OwnShop.id("EUR").toString());
        var form = Forms.guide(
                "Own shop " + NEXT.incrementAndGet(), List.of(OwnShop.id("EUR").toString()));
        assertThat(world.ines.post("/api/guides", form).status()).isEqualTo(404);
        assertThat(world.round().path("pages").asInt()).isZero();
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(6000);
    }

    @ParameterizedTest
    @CsvSource({
        "sellerIsPerson, true",
        "link, http://pier.example/p/1",
        "link, javascript:alert(1)",
        "currency, ZZZ",
        "source, ab"
    })
    void whatCannotBelongToAPriceWithoutAShopIsRefused(String field, String value) {
        var body = price(6000);
        body.put(field, value.equals("true") ? (Object) true : value);
        assertThat(type(CASE, body).status()).isBetween(400, 422);
        assertThat(row(CASE).orElseThrow().path("state").asString()).isEqualTo("MISSING");
    }

    @Test
    void anotherEditionsSheetIsNotFound() {
        assertThat(world.ines
                        .get("/api/editions/" + UUID.randomUUID() + "/price-sheet")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void readersSeeAPriceOfNobodyWithoutSellerAndLink() {
        world.parts.keySet().stream().filter(p -> row(p).isPresent()).forEach(p -> type(p, price(6000)));
        world.publish();
        var page = world.read("/" + world.slug + "/editions/1/");
        assertThat(page)
                .contains("60")
                .doesNotContain("author&#39;s price", "no particular seller", "no shop", "href=\"\"");
    }
}
