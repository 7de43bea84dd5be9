package lowfield.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A part, its page and its price from a link, saved by one request: all of it or nothing, and judged as a round judges. */
class PagePartsTest {
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final String CASE = "hollowell-byre-m-black";

    private final World world = new World();
    private final DSLContext db = world.stage.bean(DSLContext.class);
    private String address;
    private String name;

    @BeforeEach
    void anAddress() {
        name = "Lantern " + NEXT.incrementAndGet();
        address = "https://millrace.example/by-link/" + NEXT.get();
    }

    /** Other tests' rounds would fetch what is no page of the market. */
    @AfterEach
    void takeOut() {
        var pages = "(select id from product_page where path like '/by-link/%')";
        var listings = "(select id from listing where page_id in " + pages + ")";
        db.execute(
                "delete from price_day where variant_id in (select variant_id from product_page where path like '/by-link/%')");
        db.execute("delete from acceptance where listing_id in " + listings);
        db.execute("delete from observation where listing_id in " + listings);
        db.execute("delete from listing where page_id in " + pages);
        db.execute("delete from product_page where path like '/by-link/%'");
    }

    private Map<String, Object> offer(long minor) {
        var offer = new HashMap<String, Object>();
        offer.put("priceMinor", minor);
        offer.put("shippingMinor", 490);
        offer.put("condition", "NEW");
        offer.put("stock", "IN_STOCK");
        offer.put("membersOnly", false);
        return offer;
    }

    private Map<String, Object> page(Map<String, Object> offer) {
        var page = new HashMap<String, Object>();
        page.put("address", address);
        page.put("kind", "CASE");
        page.put("maker", "Hollowell");
        page.put("name", name);
        page.put("variant", "");
        page.put("spec", Map.of("volume", 41));
        page.put("wheres", Map.of("volume", "the table of figures"));
        page.put("offer", offer);
        return page;
    }

    private Caller.Answer keep(Map<String, Object> page) {
        return world.ines.post("/api/intake/parts", page);
    }

    private long count(String sql, Object... with) {
        return db.fetchOne(sql, with).get(0, Long.class);
    }

    private List<String> stored(Caller.Answer kept) {
        return db.fetch("""
                        select a.verdict || ' ' || o.stock || ' ' || o.members_only || ' ' || coalesce(o.shipping_minor, -1)
                        from observation o join acceptance a on a.observation_id = o.id join listing l on l.id = o.listing_id
                        join product_page p on p.id = l.page_id where p.variant_id = ?::uuid order by a.id
                        """, kept.json().path("part").asString()).getValues(0, String.class);
    }

    @Test
    void partFiguresPageAndPriceAreSavedTogether() {
        var kept = keep(page(offer(8990)));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(201);
        assertThat(kept.json().path("wasKnown").asBoolean()).isFalse();
        assertThat(kept.json().path("counts").asBoolean()).isTrue();
        assertThat(stored(kept)).containsExactly("ACCEPTED IN_STOCK false 490");
        var sheet = world.ines
                .get("/api/parts/" + kept.json().path("part").asString())
                .json();
        assertThat(sheet.path("part").path("spec").path("volume").asInt()).isEqualTo(41);
        assertThat(sheet.toString()).contains("the table of figures, " + address);
    }

    @Test
    void soldOutAndForMembersAreKeptAsSuch() {
        var soldOut = offer(8990);
        soldOut.put("stock", "OUT_OF_STOCK");
        var kept = keep(page(soldOut));
        assertThat(kept.json().path("price").asString()).contains("sold out");
        assertThat(stored(kept)).containsExactly("ACCEPTED OUT_OF_STOCK false 490");
        anAddress();
        var members = offer(8990);
        members.put("membersOnly", true);
        assertThat(stored(keep(page(members)))).containsExactly("ACCEPTED IN_STOCK true 490");
    }

    @Test
    void aPriceThatEndedYesterdayWaitsForAPerson() {
        var ended = offer(8990);
        ended.put("validUntil", LocalDate.now().minusDays(1).toString());
        var kept = keep(page(ended));
        assertThat(kept.json().path("counts").asBoolean()).isFalse();
        assertThat(kept.json().path("price").asString()).contains("valid until");
        assertThat(stored(kept)).containsExactly("SET_ASIDE IN_STOCK false 490");
    }

    @Test
    void tenTimesTooCheapWaitsForAPerson() {
        world.filled().round();
        var seen = world.line("CASE").path("goods").path("minor").asLong();
        var page = page(offer(seen / 10));
        page.put("known", world.parts.get(CASE));
        page.put("spec", Map.of());
        var kept = keep(page);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(201);
        assertThat(kept.json().path("counts").asBoolean()).isFalse();
        assertThat(kept.json().path("price").asString()).contains("Suspicious price");
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(seen);
    }

    @Test
    void aPageOfAnotherPartLeavesNothingHalfDone() {
        assertThat(keep(page(offer(8990))).status()).isEqualTo(201);
        var other = page(offer(5000));
        other.put("known", world.parts.get(CASE));
        other.put("spec", Map.of("volume", 43));
        var answer = keep(other);
        assertThat(answer.detail()).contains("another part");
        assertThat(count(
                        "select count(*) from variant where id = ?::uuid and spec::text like '%\"volume\": 43%'",
                        world.parts.get(CASE)))
                .isZero();
    }

    @Test
    void whatCannotBeSavedLeavesNeitherPartNorPage() {
        var page = page(offer(-5));
        assertThat(keep(page).status()).isBetween(400, 422);
        assertThat(count("select count(*) from product where name = ?", name)).isZero();
        var elsewhere = page(offer(8990));
        elsewhere.put("address", "https://nowhere.example/p/1");
        assertThat(keep(elsewhere).detail()).contains("not the host of a shop");
        assertThat(count("select count(*) from product where name = ?", name)).isZero();
        var kindless = page(offer(8990));
        kindless.remove("kind");
        assertThat(keep(kindless).detail()).contains("what kind");
    }

    @Test
    void theSameLinkTwiceAtOnceIsOnePart() {
        var answers = IntStream.range(0, 4)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> keep(page(offer(8990)))))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(answers)
                .allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(201));
        assertThat(answers.stream().map(a -> a.json().path("part").asString()).distinct())
                .hasSize(1);
        assertThat(count("select count(*) from product where name = ?", name)).isEqualTo(1);
    }
}
