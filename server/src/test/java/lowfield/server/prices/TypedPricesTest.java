package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;

import lowfield.server.kit.Caller;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedPricesTest extends TypedPriceCase {
    @Test
    void aTypedPriceCountsAtOnceAndTellsItsRebateBesideIt() {
        world.filled().round();
        var seen = caseLine().path("goods").path("minor").asLong();
        var typed = price(seen - 500);
        typed.put("claimBackMinor", 1000);
        typed.put("boxedCooler", false);
        assertThat(type(CASE, typed).status()).isEqualTo(201);
        var line = caseLine();
        assertThat(line.path("goods").path("minor").asLong()).isEqualTo(seen - 500);
        assertThat(line.path("offer").path("claimBackMinor").asLong()).isEqualTo(1000);
        assertThat(line.path("offer").path("boxedCooler").asBoolean(true)).isFalse();
        assertThat(line.path("offer").path("seller").asString()).isEqualTo("Millrace");
    }

    @Test
    void noRoundFetchesWhatOnlyAPersonReads() {
        world.filled().round();
        var pages = world.round().path("pages").asInt();
        var seen = caseLine().path("goods").path("minor").asLong();
        type(CASE, price(seen - 400));
        assertThat(world.round().path("pages").asInt()).isEqualTo(pages);
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 400);
    }

    @Test
    void aPriceFarFromTheLastOneIsAskedAboutTwice() {
        world.filled().round();
        var seen = caseLine().path("goods").path("minor").asLong();
        type(CASE, price(seen - 100));
        var far = price(seen / 3);
        assertThat(type(CASE, far).detail()).contains("of the last accepted", "say that you are sure");
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 100);
        far.put("sure", true);
        assertThat(type(CASE, far).status()).isEqualTo(201);
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen / 3);
    }

    @Test
    void aFirstPriceFarFromWhatOthersAskIsAskedAboutTwice() {
        world.filled().round();
        var seen = caseLine().path("goods").path("minor").asLong();
        var far = price(seen / 3);
        assertThat(type(CASE, far).detail()).contains("which others ask; say that you are sure");
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen);
        far.put("condition", "USED");
        assertThat(type(CASE, far).status()).isEqualTo(201);
    }

    @Test
    void anOlderPriceThanTheOneKnownIsHistoryOnly() {
        world.filled().round();
        var seen = caseLine().path("goods").path("minor").asLong();
        type(CASE, price(seen - 100));
        var old = price(seen - 300);
        old.put("seenOn", today().minusDays(3).toString());
        assertThat(type(CASE, old).status()).isEqualTo(201);
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 100);
    }

    @ParameterizedTest
    @CsvSource({
        "priceMinor, 0, more than nothing",
        "priceMinor, -100, more than nothing",
        "priceMinor, 999999999999, longer than any price",
        "currency, USD, asks in EUR",
        "currency, a currency of forty letters and even more, not in another",
        "seenOn, 2099-01-01, today or before",
        "seenOn, 2001-01-01, at most 90 days old",
        "source, x, Say where you have the price from",
        "stock, GONE, something in stock",
        "claimBackMinor, 99999999, less than the price",
        "shippingMinor, -1, Shipping is nothing or more",
        "link, https://elsewhere.example/p/1, begins with https://millrace.example/",
        "link, http://millrace.example/p/1, begins with https:// and a shop's host",
        "link, https://not an address, not an address",
        "shop, 00000000-0000-0000-0000-000000000000, no such shop",
    })
    void whatCannotBeAPriceIsRefusedWithASentence(String field, String value, String words) {
        var typed = price(4990);
        typed.put(field, value.matches("-?[0-9]+") ? (Object) Long.valueOf(value) : value);
        var answer = type(CASE, typed);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.detail()).contains(words);
    }

    @Test
    void aPageThatSpeaksOfAnotherPartIsNotTaken() {
        var typed = price(4990);
        typed.put("shop", shop("Ferrowby"));
        typed.put("link", "https://ferrowby.example/p/kelder-550-gold");
        assertThat(type(CASE, typed).detail()).contains("already speaks of another part");
    }

    // ---- taken back ----------------------------------------------------------------------------------

    private Caller.Answer takeBack(String part, long number) {
        return world.tom.call("DELETE", "/api/parts/" + world.parts.get(part) + "/prices/" + number, null, null);
    }

    private long number(Caller.Answer kept) {
        return kept.json().path("number").asLong();
    }

    @Test
    void whatWasTypedIsTakenBackAndTheOneBeforeCountsAgain() {
        world.filled().round();
        var seen = caseLine().path("goods").path("minor").asLong();
        type(CASE, price(seen - 200));
        var wrong = number(type(CASE, price(seen - 900)));
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 900);
        assertThat(takeBack(CASE, wrong).status()).isEqualTo(204);
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 200);
        assertThat(takeBack(CASE, wrong).detail()).contains("taken back already");
        assertThat(caseLine().path("goods").path("minor").asLong()).isEqualTo(seen - 200);
    }

    @Test
    void onlyATypedPriceOfThatPartIsTakenBack() {
        world.filled().round();
        var kept =
                number(type(CASE, price(caseLine().path("goods").path("minor").asLong() - 100)));
        assertThat(takeBack("kelder-550-gold", kept).detail()).contains("Nobody typed such a price");
        var judged = db.fetchOne("select max(a.id) from acceptance a where a.account_id is null");
        assertThat(takeBack(CASE, judged.get(0, Long.class)).status()).isEqualTo(404);
    }

    /** The page is one that rounds read; what was taken back is no word of the shop's. */
    @Test
    void theShopMayAskLaterWhatWasTakenBack() {
        world.filled().round();
        var read = db.fetchOne("""
                select l.id, s.id, s.host, p.path, l.accepted_price_minor from listing l
                join product_page p on p.id = l.page_id join shop s on s.id = p.shop_id
                join seller e on e.id = l.seller_id
                where e.name = s.name and l.condition = 'NEW' and l.accepted_price_minor is not null
                  and p.variant_id = ?::uuid and not p.by_hand limit 1""", world.parts.get(CASE));
        var typed = price(read.get(4, Long.class));
        typed.put("shop", read.get(1, String.class));
        typed.put("link", "https://" + read.get(2) + read.get(3));
        assertThat(takeBack(CASE, number(type(CASE, typed))).status()).isEqualTo(204);
        assertThat(verdict(read.get(0))).isEqualTo("REJECTED");
        world.round();
        assertThat(verdict(read.get(0))).isEqualTo("ACCEPTED");
    }

    private Object verdict(Object listing) {
        return db.fetchValue("select verdict from acceptance where listing_id = ? order by id desc limit 1", listing);
    }
}
