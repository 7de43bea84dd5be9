package lowfield.server.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.platform.Notices;
import org.awaitility.Awaitility;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A shop whose prices may not stand in published editions: none is told, and none can be worked out from what is. */
class WithheldTest {
    private static final String SHOP = "Quillmarket";
    private static final String CARD = "merrowby-vane-five-8-gb-black";

    private final World world = new World();

    @AfterEach
    void allowAgain() {
        quillmarket(Map.of("mayFreeze", true, "mayStore", true));
    }

    private void quillmarket(Map<String, Object> change) {
        var shop = world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("name").asString().equals(SHOP))
                .findFirst()
                .orElseThrow();
        var form = new HashMap<String, Object>(Caller.JSON.convertValue(shop, Map.class));
        form.put("shownDays", null);
        form.putAll(change);
        var answer = world.ines.call(
                "PUT",
                "/api/shops/" + shop.path("id").asString(),
                form,
                shop.path("version").asInt());
        assertThat(answer.status()).isEqualTo(200);
    }

    /** The card bought at Quillmarket, whatever the other shop asks. */
    private void soldThereOnly() {
        world.choose("GRAPHICS_CARD", CARD);
        var line = world.line("GRAPHICS_CARD");
        var offer = Stream.concat(
                        Stream.of(line.path("offer")), line.path("runnersUp").valueStream())
                .filter(o -> o.path("seller").asString().contains(SHOP))
                .findFirst()
                .orElseThrow();
        var hold = Map.of("listing", offer.path("listing").asString(), "why", "They answer letters.");
        assertThat(world.edit(world.ines, line, Map.of("hold", hold)).status()).isEqualTo(200);
    }

    private static JsonNode lead(JsonNode edition) {
        return edition.path("tiers").get(0).path("builds").get(0);
    }

    private static JsonNode line(JsonNode build, String slot) {
        return build.path("lines")
                .valueStream()
                .filter(l -> l.path("slot").asString().equals(slot))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void neitherTheLineNorASumNorAChartTellsThePrice() {
        world.filled().round();
        soldThereOnly();
        var tier = world.desk().path("cards").get(0).path("tier").asString();
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/editions/" + world.edition + "/charts",
                                List.of(Map.of("of", "TIER", "id", tier)),
                                world.desk().path("edition").path("version").asInt())
                        .status())
                .isEqualTo(204);
        var open = world.publish();
        assertThat(line(lead(open), "Graphics card").path("price").path("is").asString())
                .isEqualTo("exact");

        quillmarket(Map.of("mayFreeze", false));
        var withheld = world.publish();

        var card = line(lead(withheld), "Graphics card");
        assertThat(card.path("price").path("is").asString()).isEqualTo("withheld");
        assertThat(line(lead(withheld), "CPU").path("price").path("sum").asLong())
                .isPositive();
        for (var sum : List.of("total", "goods", "available")) {
            assertThat(lead(withheld).path(sum).path("is").asString()).as(sum).isEqualTo("rounded");
        }
        assertThat(hidden(lead(withheld)) % 1000).isZero();
        var curve = withheld.path("charts").get(0).path("curves").get(0).path("dots");
        assertThat(curve.get(curve.size() - 1).path("value").asLong())
                .isEqualTo(lead(withheld).path("goods").path("sum").asLong());
        assertThat(world.read("/" + world.slug)).contains("see the shop");
    }

    private String today() {
        var page = world.read("/" + world.slug);
        var from = page.indexOf("<p class=\"today\">");
        assertThat(from).isPositive();
        return page.substring(from, page.indexOf("</p>", from));
    }

    /** Served on several days, each with another hidden price of the same ten; a total of today tells none of them. */
    @Test
    void todaysTotalTellsNoMoreOfAHiddenPriceThanTheDocument() {
        world.filled().round();
        soldThereOnly();
        quillmarket(Map.of("mayFreeze", false));
        world.publish();
        var first = today();
        assertThat(first).contains("about ");
        var db = world.stage.bean(DSLContext.class);
        var card = "(select l.id from listing l join product_page p on p.id = l.page_id join shop s on s.id = p.shop_id"
                + " where s.name = 'Quillmarket' and p.variant_id = '" + world.parts.get(CARD) + "')";
        var before = db.fetchOne("select min(accepted_price_minor) from listing where id in " + card)
                .get(0, Long.class);
        for (long more : new long[] {30, 470}) {
            var price = Math.round(before / 1000.0) * 1000 + more;
            db.execute("update listing set accepted_price_minor = ? where id in " + card, price);
            world.stage
                    .bean(Notices.class)
                    .changed(Notices.Topic.OFFERS, List.of(UUID.fromString(world.parts.get(CARD))));
            Awaitility.await()
                    .until(() -> world.line("GRAPHICS_CARD")
                                    .path("goods")
                                    .path("minor")
                                    .asLong()
                            == price);
            assertThat(today()).isEqualTo(first);
        }
        db.execute("update listing set accepted_price_minor = ? where id in " + card, before);
    }

    /** What the goods leave for the lines that are told no price. */
    private static long hidden(JsonNode build) {
        var told = build.path("lines")
                .valueStream()
                .filter(l -> l.path("isCounted").asBoolean())
                .mapToLong(l -> l.path("price").path("sum").asLong(0))
                .sum();
        return build.path("goods").path("sum").asLong() - told;
    }

    @Test
    void aShopThatLendsItsPricesForSomeDaysLetsNoneStand() {
        world.filled().round();
        soldThereOnly();
        quillmarket(Map.of("shownDays", 3));
        assertThat(line(lead(world.publish()), "Graphics card")
                        .path("price")
                        .path("is")
                        .asString())
                .isEqualTo("withheld");
    }

    @Test
    void aShopWhosePricesMayNotBeKeptHasNoPast() {
        world.filled().round();
        assertThat(daysThere()).isPositive();
        quillmarket(Map.of("mayStore", false));
        world.round();
        world.round();
        assertThat(daysThere()).isZero();
        soldThereOnly();
        var listing = world.line("GRAPHICS_CARD").path("heldListing").asString();
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .as("what counts today is there")
                .isPositive();
        assertThat(world.stage
                        .bean(DSLContext.class)
                        .resultQuery("select count(*) from observation where listing_id = cast(? as uuid)", listing)
                        .fetchSingle(0, Integer.class))
                .isOne();
    }

    private long daysThere() {
        return world.ines
                .get("/api/parts/" + world.parts.get(CARD) + "/history")
                .json()
                .path("accepted")
                .valueStream()
                .filter(d -> d.path("shop").asString().equals(SHOP))
                .count();
    }
}
