package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A typed price counts for the guide it was typed for, and for others only where the author says so. */
class PricesOfGuidesTest extends TypedPriceCase {
    private static final AtomicInteger NEXT = new AtomicInteger();

    private World here;
    private World there;

    @BeforeEach
    void twoGuidesWithoutShops() {
        here = guide("EUR");
        there = guide("EUR");
    }

    private World guide(String currency) {
        var form = new HashMap<>(Forms.guide("Of its own " + NEXT.incrementAndGet(), List.of()));
        form.put("currency", currency);
        var slug = world.ines.post("/api/guides", form).json().path("slug").asString();
        world.ines.post(
                "/api/guides/" + slug + "/editions",
                Map.of("period", "2026-12-01", "tiers", List.of(Forms.tier("Bosun", 84000, 92000))));
        var made = world.in(slug);
        made.choose("CASE", CASE);
        return made;
    }

    private static String id(World guide) {
        return guide.ines.get("/api/guides/" + guide.slug).json().path("id").asString();
    }

    private Map<String, Object> of(World guide, long minor) {
        var price = price(minor);
        price.remove("shop");
        price.put("allGuides", false);
        price.put("guide", id(guide));
        price.put("shippingMinor", 0);
        return price;
    }

    private static long goods(World guide) {
        return guide.line("CASE").path("goods").path("minor").asLong();
    }

    private JsonNode days(String query) {
        return world.ines
                .get("/api/parts/" + world.parts.get(CASE) + "/history" + query)
                .json()
                .path("accepted");
    }

    @Test
    void aPriceTypedInOneGuideChangesNoTotalOfAnother() {
        assertThat(type(CASE, of(here, 6000)).status()).isEqualTo(201);
        assertThat(goods(here)).isEqualTo(6000);
        assertThat(there.line("CASE").path("goods").path("minor").isNull()).isTrue();
        assertThat(type(CASE, of(there, 7100)).status()).isEqualTo(201);
        assertThat(goods(here)).isEqualTo(6000);
        assertThat(goods(there)).isEqualTo(7100);
    }

    @Test
    void forAllGuidesOfTheDeskItCountsInLaterOnesToo() {
        var all = of(here, 6000);
        all.put("guide", null);
        all.put("allGuides", true);
        assertThat(type(CASE, all).status()).isEqualTo(201);
        assertThat(goods(here)).isEqualTo(6000);
        assertThat(goods(there)).isEqualTo(6000);
        assertThat(goods(guide("EUR"))).isEqualTo(6000);
    }

    @Test
    void aPriceOfAnotherCurrencyCountsOnlyWhereItIsTheGuides() {
        var crowns = guide("SEK");
        var price = of(crowns, 69900);
        price.put("currency", "SEK");
        assertThat(type(CASE, price).status()).isEqualTo(201);
        assertThat(type(CASE, of(here, 6000)).status()).isEqualTo(201);
        assertThat(goods(crowns)).isEqualTo(69900);
        assertThat(goods(here)).isEqualTo(6000);
    }

    @Test
    void itEntersTheHistoryOfItsGuideAndNoOther() {
        type(CASE, of(here, 6000));
        assertThat(days("?guide=" + id(here)).toString()).contains("6000");
        assertThat(days("?guide=" + id(there)).toString()).doesNotContain("6000");
        assertThat(days("").toString()).doesNotContain("6000");
    }

    @Test
    void itEntersNoIndexAndJudgesNoPriceOfAShop() {
        type(CASE, of(here, 100));
        assertThat(db.fetchCount(db.selectFrom(
                        "price_month where price_minor = 100 and variant_id = '" + world.parts.get(CASE) + "'")))
                .isZero();
        world.round();
        world.filled();
        assertThat(goods(world)).isGreaterThan(1000);
    }

    @Test
    void atAShopItIsTheGuidesTooUntilTheShopSaysSomethingNewer() {
        world.filled().round();
        var seen = goods(world);
        var offer = caseLine().path("offer");
        var typed = of(world, seen - 900);
        typed.put("shop", shop(offer.path("seller").asString()));
        typed.put("link", offer.path("link").asString());
        assertThat(type(CASE, typed).status()).isEqualTo(201);
        assertThat(goods(world)).isEqualTo(seen - 900);
        var other = guide("EUR");
        assertThat(other.line("CASE").path("goods").path("minor").isNull()).isTrue();
        world.round();
        assertThat(goods(world)).isEqualTo(seen);
    }

    // ---- who sells -----------------------------------------------------------------------------------

    private JsonNode offer(Map<String, Object> price) {
        assertThat(type(CASE, price).status()).isEqualTo(201);
        return here.line("CASE").path("offer");
    }

    @Test
    void aPersonSellsUnderTheirNameWithALink() {
        var price = of(here, 6000);
        price.put("seller", "Liv Aspen");
        price.put("sellerIsPerson", true);
        price.put("link", "https://quayboard.example/posts/12");
        var offer = offer(price);
        assertThat(offer.path("seller").asString()).isEqualTo("Liv Aspen");
        assertThat(offer.path("link").asString()).isEqualTo("https://quayboard.example/posts/12");
    }

    @Test
    void readersAreNotToldThePersonsName() {
        var price = of(here, 6000);
        price.put("seller", "Liv Aspen");
        price.put("sellerIsPerson", true);
        offer(price);
        here.publish();
        assertThat(here.read("/" + here.slug + "/editions/1/"))
                .contains("private seller")
                .doesNotContain("Liv Aspen");
    }

    @Test
    void aShopThatIsNotSetUpSellsUnderItsName() {
        var price = of(here, 6000);
        price.put("seller", "Pier Parts");
        price.put("link", "https://pier.example/cases/3");
        assertThat(offer(price).path("seller").asString()).isEqualTo("Pier Parts");
    }

    @Test
    void aLinkToAShopOfTheDeskIsAnOfferThere() {
        var price = of(here, 6000);
        price.put("link", "https://millrace.example/seen/by-hand");
        assertThat(type(CASE, price).status()).isEqualTo(201);
        assertThat(db.fetchValue("""
                        select count(*) from listing l join product_page p on p.id = l.page_id
                        join shop s on s.id = p.shop_id
                        where s.name = 'Millrace' and p.path = '/seen/by-hand' and l.guide_id = ?::uuid
                        """, id(here))).isEqualTo(1L);
    }

    @Test
    void shippingThatIsNotKnownMakesATotalThatCountsItUnknown() {
        var price = of(here, 6000);
        price.remove("shippingMinor");
        var offer = offer(price);
        assertThat(offer.path("shippingAloneMinor").isNumber()).isFalse();
    }

    // ---- bad input -----------------------------------------------------------------------------------

    @Test
    void aPriceSaysForWhichGuideItIs() {
        var none = of(here, 6000);
        none.put("guide", null);
        assertThat(type(CASE, none).detail()).contains("which guide this price is for");
        var both = of(here, 6000);
        both.put("allGuides", true);
        assertThat(type(CASE, both).detail()).contains("which guide this price is for");
        var unknown = of(here, 6000);
        unknown.put("guide", "00000000-0000-0000-0000-000000000000");
        assertThat(type(CASE, unknown).detail()).contains("no such guide");
    }

    @ParameterizedTest
    @ValueSource(longs = {0, -1, 999_999_999_999L})
    void whatIsNoPriceIsRefused(long minor) {
        Caller.Answer answer = type(CASE, of(here, minor));
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(here.line("CASE").path("goods").path("minor").isNull()).isTrue();
    }

    @Test
    void wordsAndNextYearAreRefused() {
        var words = of(here, 6000);
        words.put("priceMinor", "sixty");
        assertThat(type(CASE, words).status()).isBetween(400, 422);
        var late = of(here, 6000);
        late.put("seenOn", LocalDate.now().plusYears(1).toString());
        assertThat(type(CASE, late).detail()).contains("today or before");
    }
}
