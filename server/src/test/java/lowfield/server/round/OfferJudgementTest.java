package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What counts of the prices that a round reads. */
class OfferJudgementTest extends RoundCase {
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
}
