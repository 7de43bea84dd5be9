package lowfield.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private final World world = new World();

    @AfterEach
    void normal() {
        world.stage.bean(org.jooq.DSLContext.class).execute("delete from price_day where bookable_minor = 1");
        world.market("reset");
        world.round();
    }

    @Test
    void aPartsPricesAreThoseThatCountedAndThoseInDoubt() {
        world.round();
        world.market("mood?host=ferrowby.example&path=/p/stillmoor-120-tower&mood=TIMES_100");
        world.round();
        var cooler = world.parts.get("stillmoor-120-tower");
        var history = world.ines.get("/api/parts/" + cooler + "/history").json();
        assertThat(history.path("accepted").size()).isOne();
        var counted = history.path("accepted").get(0).path("minor").asLong();
        assertThat(counted).isBetween(2500L, 3100L);
        assertThat(history.path("doubted").valueStream())
                .isNotEmpty()
                .allMatch(s -> s.path("minor").asLong() > 200_000);
        assertThat(history.path("standing").path("nowMinor").asLong()).isEqualTo(counted);
        assertThat(history.path("standing").path("premiumPermille").isNull()).isTrue();
    }

    @Test
    void aDayKeepsItsNewestPriceWhateverIsDecidedAboutAnOlderOne() {
        var housing = world.parts.get("hollowell-byre-m-black");
        world.round();
        world.market("mood?host=ferrowby.example&path=/p/hollowell-byre-m-black&mood=TIMES_100");
        world.round();
        assertThat(today(housing)).isEqualTo(6450);
        world.decide(world.waiting("hollowell-byre").orElseThrow(), "KEEP", "gilded");
        assertThat(today(housing)).isEqualTo(645_000);
        world.market("reset");
        world.round();
        world.decide(world.waiting("hollowell-byre").orElseThrow(), "KEEP", "as before");
        assertThat(today(housing)).isEqualTo(6450);
    }

    private long today(String part) {
        var accepted = world.ines.get("/api/parts/" + part + "/history").json().path("accepted");
        return accepted.get(accepted.size() - 1).path("minor").asLong();
    }

    @Test
    void aKindOfFewPartsPublishesNoMove() {
        world.round();
        var kind = world.ines.get("/api/kinds/COOLER/history").json();
        assertThat(kind.path("months").size()).isOne();
        assertThat(kind.path("months").get(0).path("index").asDouble()).isEqualTo(100);
    }

    @Test
    void whatReadersPayElsewhereIsToldWithItsRate() {
        var guide = Forms.guide("Guide " + world.slug, List.of());
        guide.put("shops", world.ines.get("/api/guides/" + world.slug).json().path("shops"));
        guide.put("readerRegions", List.of(Map.of("name", "Sweden", "currency", "SEK", "taxPermille", 250)));
        assertThat(world.ines.call("PUT", "/api/guides/" + world.slug, guide, 1).status())
                .isEqualTo(200);
        world.market("clock?day=" + java.time.LocalDate.now(java.time.ZoneOffset.UTC));
        world.filled().round();
        var tally = world.bench().path("tally");
        var total = tally.path("gauge").path("total").path("minor").asLong();
        var till = tally.path("tills").get(0);
        assertThat(till.path("minor").asLong()).isEqualTo(Math.round(total * 1.25 / 1.2));
        assertThat(till.path("rate").asString()).startsWith("1 EUR = 11.").endsWith("rates.example");
        assertThat(till.path("convertedMinor").asLong()).isBetween(total * 11, total * 12);
        assertThat(tally.path("gauge").path("bookable").path("minor").asLong()).isEqualTo(total);
    }

    /** A shop that asks in another currency, and a used piece, are no step of a tier's curve. */
    @Test
    void aTiersCurveIsInTheGuidesCurrencyAndInTheConditionsItAdmits() {
        world.filled().round();
        world.publish();
        var before = sameGoods();
        assertThat(before).isPositive();
        var db = world.stage.bean(org.jooq.DSLContext.class);
        for (var other : List.of(List.of("SEK", "NEW"), List.of("EUR", "USED"))) {
            db.execute("""
                    insert into price_day (variant_id, condition, day, shop_id, price_minor, bookable_minor, currency)
                    select distinct d.variant_id, ?, d.day, s.id, 1, 1, ? from price_day d, shop s
                    where s.id <> d.shop_id
                    on conflict do nothing
                    """, other.get(1), other.get(0));
        }
        assertThat(sameGoods()).isEqualTo(before);
    }

    private long sameGoods() {
        var tiers =
                world.ines.get("/api/guides/" + world.slug + "/history").json().path("tiers");
        return tiers.get(0)
                .path("points")
                .get(0)
                .path("sameGoods")
                .path("minor")
                .asLong();
    }
}
