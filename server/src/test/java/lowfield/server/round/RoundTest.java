package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoundTest extends RoundCase {
    @Test
    void aRoundPricesEveryChoiceAndTellsWhereFrom() {
        var round = world.filled().round();
        assertThat(round.path("state").asString()).isEqualTo("DONE");
        assertThat(round.path("pages").asInt())
                .isEqualTo(round.path("read").asInt() + round.path("failed").asInt());
        var offer = world.line("PROCESSOR").path("offer");
        assertThat(offer.path("seller").asString()).isEqualTo("Ferrowby");
        assertThat(offer.path("priceMinor").asLong()).isEqualTo(18990);
        assertThat(offer.path("shippingMinor").asLong()).isEqualTo(490);
        assertThat(offer.path("stock").asString()).isEqualTo("in stock");
        assertThat(offer.path("link").asString()).isEqualTo("https://ferrowby.example/p/aldane-fennel-six");
        assertThat(world.bench()
                        .path("tally")
                        .path("gauge")
                        .path("standing")
                        .path("state")
                        .asString())
                .isEqualTo("INSIDE");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LATE | took longer",
                "DOWN | status 500",
                "EMPTY | is empty",
                "NOT_HTML | not an HTML page",
                "HUGE | larger than 2 MB",
                "BROKEN_JSON | broken JSON",
                "NO_PRICE | has no price",
                "ZERO | a price is zero",
                "OTHER_CURRENCY | a price is in PLN",
                "REDIRECT_HOST | leads to another host (elsewhere.example)",
                "REDIRECT_PRIVATE | leads to another host (10.0.0.1)",
                "REDIRECT_LOOP | leads on more than",
                "DRIPPING | took longer",
                "TRUNCATED | hung up in the middle",
                "GZIP_BOMB | larger than 2 MB",
                "NEGATIVE | a price is negative",
                "NUL | which is no figure"
            })
    void aBadPageIsToldAndTheRestGoesOn(String mood, String sentence) {
        world.round();
        mood(mood);
        var round = world.round();
        assertThat(round.path("state").asString()).isEqualTo("DONE");
        assertThat(round.path("failed").asInt()).isEqualTo(1);
        assertThat(round.path("failures").get(0).path("sentence").asString()).contains(sentence);
        assertThat(round.path("read").asInt()).isEqualTo(round.path("pages").asInt() - 1);
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .as("the last accepted price stays")
                .isPositive();
    }

    @Test
    void whatTheDatabaseRefusesIsToldAndTheRoundEnds() {
        world.stage.asOwner("alter table observation add constraint refuses check (price_minor is null) not valid");
        try {
            var round = world.round();
            assertThat(round.path("state").asString()).isEqualTo("DONE");
            assertThat(round.path("failed").asInt())
                    .isEqualTo(round.path("pages").asInt());
            assertThat(round.path("failures").get(0).path("sentence").asString())
                    .isEqualTo("what the page says could not be kept");
        } finally {
            world.stage.asOwner("alter table observation drop constraint refuses");
        }
    }

    /** What cannot be judged is tried three times; the round ends broken off, and the next one runs as ever. */
    @Test
    void aRoundThatCannotBeJudgedEndsAndTheNextGoesOn() {
        world.stage.asOwner("alter table acceptance add constraint refuses check (false) not valid");
        try {
            var round = world.round();
            assertThat(round.path("state").asString()).isEqualTo("BROKEN");
            assertThat(round.path("read").asInt()).isPositive();
        } finally {
            world.stage.asOwner("alter table acceptance drop constraint refuses");
        }
        assertThat(world.round().path("state").asString()).isEqualTo("DONE");
    }

    @ParameterizedTest
    @CsvSource({"FLAKY", "TOO_MANY", "WRONG_CHARSET", "SKEWED_CLOCK", "TWICE"})
    void whatOnlyPassesOrOnlyLooksBadIsReadAllTheSame(String mood) {
        world.round();
        mood(mood);
        var round = world.round();
        assertThat(round.path("failed").asInt()).isZero();
        assertThat(round.path("accepted").asInt())
                .isGreaterThanOrEqualTo(round.path("pages").asInt());
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .isBetween(30000L, 32000L);
    }

    @Test
    void aPageThatDidNotChangeIsNotSentAgainAndCountsAsSeen() {
        world.round();
        world.choose("CASE", "hollowell-byre-m-black");
        var first = world.line("CASE").path("offer").path("seenAt").asString();
        assertThat(world.round().path("failed").asInt()).isZero();
        assertThat(world.line("CASE").path("offer").path("seenAt").asString()).isGreaterThan(first);
    }

    @Test
    void anAddressIsOnlyTakenAtAKnownShop() {
        var part = world.parts.get("kelder-550-gold");
        assertThat(world.ines
                        .post("/api/product-pages", Map.of("part", part, "address", "https://elsewhere.example/p/x"))
                        .detail())
                .contains("add the shop first");
        assertThat(world.ines
                        .post("/api/product-pages", Map.of("part", part, "address", "http://ferrowby.example/p/x"))
                        .detail())
                .contains("https://");
        assertThat(world.ines
                        .post("/api/product-pages", Map.of("part", part, "address", "file:///etc/passwd"))
                        .status())
                .isEqualTo(422);
        assertThat(world.ines
                        .post(
                                "/api/product-pages",
                                Map.of("part", part, "address", "https://ferrowby.example/p/aldane-fennel-six"))
                        .detail())
                .contains("another part");
    }
}
