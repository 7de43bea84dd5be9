package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import lowfield.core.guide.RoundPlan;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.platform.Json;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class RoundTest {
    private static final String CARD = "/p/merrowby-vane-five-8-gb-black";
    private final World world = new World();

    @AfterEach
    void normal() {
        world.market("reset");
    }

    private void mood(String mood) {
        world.market("mood?host=ferrowby.example&path=" + CARD + "&mood=" + mood);
    }

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

    /** The guide plans a round a day; yesterday's broke off, and today's starts and ends as planned. */
    @Test
    void aPlannedRoundStartsThoughTheLastOneBrokeOff() {
        world.stage.asOwner("alter table acceptance add constraint refuses check (false) not valid");
        JsonNode broken;
        try {
            broken = world.round();
        } finally {
            world.stage.asOwner("alter table acceptance drop constraint refuses");
        }
        assertThat(broken.path("state").asString()).isEqualTo("BROKEN");
        var guide = "(select id from guide where slug = '" + world.slug + "')";
        world.stage.asOwner(
                "update price_round set started_at = started_at - interval '1 day' where guide_id = " + guide);
        var due = LocalTime.now(ZoneId.of("CET")).minusMinutes(1).truncatedTo(ChronoUnit.MINUTES);
        world.stage.asOwner("update guide set created_at = created_at - interval '2 days', rounds = '"
                + Json.write(new RoundPlan(RoundPlan.Often.DAILY, due, RoundPlan.Scope.ALL)) + "' where id = " + guide);
        try {
            var planned = Awaitility.await()
                    .atMost(Duration.ofSeconds(30))
                    .until(
                            () -> world.ines
                                    .get("/api/guides/" + world.slug + "/rounds/latest")
                                    .json(),
                            round -> !round.path("id").equals(broken.path("id"))
                                    && round.path("endedAt").isString());
            assertThat(planned.path("state").asString()).isEqualTo("DONE");
            assertThat(planned.path("failed").asInt()).isZero();
        } finally {
            world.stage.asOwner("update guide set rounds = null where id = " + guide);
        }
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
    void aRoundIsPausedAndGoneOnWith() {
        world.market("delay?ms=150");
        var id = world.ines
                .post("/api/guides/" + world.slug + "/rounds", Map.of())
                .json()
                .path("id")
                .asString();
        var paused = world.ines.call("PUT", "/api/rounds/" + id + "/paused", Map.of("paused", true), null);
        assertThat(paused.json().path("state").asString()).isEqualTo("PAUSED");
        assertThat(world.ines
                        .post("/api/guides/" + world.slug + "/rounds", Map.of())
                        .status())
                .isEqualTo(409);
        assertThat(world.ines.get("/api/rounds/" + id).json().path("endedAt").isNull())
                .isTrue();
        world.market("delay?ms=0");
        world.ines.call("PUT", "/api/rounds/" + id + "/paused", Map.of("paused", false), null);
        var ended = Awaitility.await()
                .atMost(Duration.ofSeconds(30))
                .until(
                        () -> world.ines.get("/api/rounds/" + id).json(),
                        p -> p.path("endedAt").isString());
        assertThat(ended.path("state").asString()).isEqualTo("DONE");
        assertThat(ended.path("read").asInt()).isEqualTo(ended.path("pages").asInt());
    }

    @Test
    void aHundredfoldPriceIsSetAsideUntilAPersonReleasesIt() {
        world.round();
        mood("TIMES_100");
        assertThat(world.round().path("setAside").asInt()).isPositive();
        var waiting = world.waiting("merrowby-vane-five").orElseThrow();
        assertThat(waiting.path("detail").asString()).contains("over 160% of the last accepted");
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .isLessThan(40000);
        assertThat(world.desk()
                        .path("wanted")
                        .valueStream()
                        .map(w -> w.path("action").asString()))
                .contains("Judge");
        assertThat(world.decide(waiting, "SET_ASIDE", "a slip of the shop").status())
                .isEqualTo(200);
        assertThat(world.decide(waiting, "KEEP", "").status()).isEqualTo(404);
        assertThat(world.waiting("merrowby-vane-five")).isEmpty();
    }

    @Test
    void aReleasedPriceCounts() {
        world.round();
        world.market("mood?host=ferrowby.example&path=/p/kelder-550-gold&mood=TIMES_100");
        world.round();
        world.decide(world.waiting("kelder-550").orElseThrow(), "KEEP", "gold by name");
        world.choose("POWER_SUPPLY", "kelder-550-gold");
        assertThat(world.line("POWER_SUPPLY").path("goods").path("minor").asLong())
                .isEqualTo(572000);
        world.market("reset");
        world.round();
        world.decide(world.waiting("kelder-550").orElseThrow(), "KEEP", "as before");
        assertThat(world.line("POWER_SUPPLY").path("goods").path("minor").asLong())
                .isEqualTo(5720);
    }

    @Test
    void aDecimalCommaIsReadAsOne() {
        mood("COMMA");
        assertThat(world.round().path("failed").asInt()).isZero();
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .isBetween(30000L, 32000L);
    }

    @Test
    void ofSeveralOffersTheCheapestAdmissibleCounts() {
        world.round();
        mood("SEVERAL");
        var round = world.round();
        assertThat(round.path("failed").asInt()).isZero();
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        assertThat(world.line("GRAPHICS_CARD").path("goods").path("minor").asLong())
                .isBetween(30000L, 32000L);
    }

    @Test
    void whyThereIsNoPriceIsTold() {
        world.market("mood?host=ferrowby.example&path=/p/hollowell-byre-m-black&mood=OUT_OF_STOCK");
        world.round();
        world.choose("CASE", "hollowell-byre-m-black");
        var line = world.line("CASE");
        assertThat(line.path("goods").path("minor").isMissingNode()
                        || line.path("goods").path("minor").isNull())
                .isTrue();
        assertThat(line.path("goods").path("blame").get(0).asString()).contains("Ferrowby: out of stock");
        assertThat(world.bench()
                        .path("tally")
                        .path("gauge")
                        .path("standing")
                        .path("state")
                        .asString())
                .isEqualTo("NOT_KNOWN");
        world.market("reset");
        world.round();
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(6450);
    }

    @Test
    void markupInAShopsPageStaysText() {
        world.filled();
        mood("SCRIPT");
        assertThat(world.round().path("failed").asInt()).isZero();
        assertThat(world.line("CASE").path("goods").path("minor").asLong()).isEqualTo(6450);
        assertThat(world.bench().toString()).doesNotContain("alert(1)");
        world.publish();
        assertThat(world.read("/" + world.slug)).contains("64.50").doesNotContain("alert(1)");
    }

    @Test
    void twoRoundsDoNotRunAtOnce() {
        world.market("mood?host=ferrowby.example&mood=LATE");
        var answers = World.together(4, () -> world.ines.post("/api/guides/" + world.slug + "/rounds", Map.of()));
        assertThat(answers)
                .extracting(Caller.Answer::status)
                .containsOnlyOnce(202)
                .allMatch(s -> s == 202 || s == 409);
        var id = answers.stream()
                .filter(a -> a.status() == 202)
                .findFirst()
                .orElseThrow()
                .json()
                .path("id")
                .asString();
        assertThat(world.ines.call("DELETE", "/api/rounds/" + id, null, null).status())
                .isEqualTo(204);
        var ended = Awaitility.await()
                .atMost(Duration.ofSeconds(30))
                .until(
                        () -> world.ines.get("/api/rounds/" + id).json(),
                        p -> p.path("endedAt").isString());
        assertThat(ended.path("state").asString()).isEqualTo("CANCELLED");
        assertThat(ended.path("read").asInt() + ended.path("failed").asInt())
                .isLessThan(ended.path("pages").asInt());
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
