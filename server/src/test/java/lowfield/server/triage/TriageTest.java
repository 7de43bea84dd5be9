package lowfield.server.triage;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class TriageTest {
    private final World world = new World();

    @AfterEach
    void normal() {
        world.market("reset");
        world.round();
    }

    private JsonNode queue() {
        return world.ines.get("/api/editions/" + world.edition + "/movers").json();
    }

    private Optional<JsonNode> open(String form) {
        return queue().path("open")
                .valueStream()
                .filter(m -> m.path("form").asString().equals(form))
                .findFirst();
    }

    /** The supply's price that waits; other tests leave others behind. */
    private Optional<JsonNode> waiting() {
        return world.waiting("kelder-550");
    }

    private Caller.Answer decide(JsonNode mover, String decision, String why) {
        return world.decide(mover, decision, why);
    }

    private Caller.Answer takeBack(JsonNode mover) {
        return world.ines.call(
                "DELETE",
                "/api/editions/" + world.edition + "/movers/"
                        + mover.path("key").asString() + "/decision?fingerprint="
                        + URLEncoder.encode(mover.path("fingerprint").asString(), StandardCharsets.UTF_8),
                null,
                null);
    }

    /** The next edition, after one that was published at the anchor's prices. */
    private void nextEdition() {
        world.filled().round();
        world.publishAnyway();
        world.publish(world.ines);
        var next = world.ines.post("/api/guides/" + world.slug + "/editions", Map.of());
        world.edition = next.json().path("id").asString();
    }

    private long total() {
        return world.bench()
                .path("tally")
                .path("gauge")
                .path("total")
                .path("minor")
                .asLong();
    }

    @Test
    void aPriceThatMovedIsKeptOrItsDecisionIsTakenBack() {
        nextEdition();
        assertThat(open("MOVED")).isEmpty();
        world.market("clock?day=2027-09-02");
        world.round();
        var mover = open("MOVED").orElseThrow();
        assertThat(mover.path("beforeMinor").asLong())
                .isNotEqualTo(mover.path("nowMinor").asLong());
        assertThat(mover.path("places").size()).isOne();
        assertThat(queue().path("curves")
                        .valueStream()
                        .filter(c -> c.path("part").equals(mover.path("part")))
                        .flatMap(c -> c.path("days").valueStream())
                        .map(d -> d.path("minor").asLong()))
                .contains(mover.path("nowMinor").asLong());
        assertThat(mover.path("weight").asLong())
                .isEqualTo(Math.abs(mover.path("nowMinor").asLong()
                        - mover.path("beforeMinor").asLong()));
        var left = queue().path("open").size();
        var after = decide(mover, "KEEP", "as it should").json();
        assertThat(after.path("open").size()).isEqualTo(left - 1);
        assertThat(after.path("decided").get(0).path("decided").path("by").asString())
                .isNotBlank();
        assertThat(decide(mover, "KEEP", "").status()).isEqualTo(404);
        assertThat(takeBack(mover).json().path("open").size()).isEqualTo(left);
        assertThat(takeBack(mover).status()).isEqualTo(404);
    }

    @Test
    void aChoiceIsHeldToItsOfferWithAReasonAndLetGoAgain() {
        nextEdition();
        world.market("clock?day=2027-09-02");
        world.round();
        var mover = open("MOVED").orElseThrow();
        assertThat(decide(mover, "HOLD", "").detail()).contains("Say why");
        assertThat(decide(mover, "HOLD", "the one we have bought from").status())
                .isEqualTo(200);
        var slot = mover.path("places").get(0).path("slot").asString();
        assertThat(held(slot)).isTrue();
        takeBack(mover);
        assertThat(held(slot)).isFalse();
    }

    private boolean held(String slot) {
        return world.bench()
                .path("lines")
                .valueStream()
                .filter(l -> l.path("slotLabel").asString().equals(slot))
                .allMatch(l -> l.path("heldListing").isString());
    }

    @Test
    void aPriceThatCountsIsSetAsideAndTheOneBeforeCountsAgain() {
        nextEdition();
        var before = total();
        world.market("clock?day=2027-09-02");
        world.round();
        var after = total();
        var mover = open("MOVED").orElseThrow();
        assertThat(decide(mover, "SET_ASIDE", "a slip").status()).isEqualTo(200);
        assertThat(total()).isNotEqualTo(after);
        takeBack(mover);
        assertThat(total()).isEqualTo(after).isNotEqualTo(before);
    }

    @Test
    void aPriceThatWaitsIsReleasedAndPutBack() {
        nextEdition();
        world.market("mood?host=ferrowby.example&path=/p/kelder-550-gold&mood=TIMES_100");
        world.round();
        var mover = waiting().orElseThrow();
        var quiet = total();
        decide(mover, "KEEP", "gold by name");
        assertThat(total()).isEqualTo(quiet + 99 * 5720);
        takeBack(mover);
        assertThat(total()).isEqualTo(quiet);
        var again = waiting().orElseThrow();
        decide(again, "SET_ASIDE", "a slip of the shop");
        assertThat(waiting()).isEmpty();
        // The shop still asks the same: it is not asked about again.
        world.round();
        assertThat(waiting()).isEmpty();
        assertThat(total()).isEqualTo(quiet);
        takeBack(again);
    }

    @Test
    void aPriceThatWasRejectedAndTakenBackIsAskedAboutAgain() {
        nextEdition();
        world.market("mood?host=ferrowby.example&path=/p/kelder-550-gold&mood=TIMES_100");
        world.round();
        var mover = waiting().orElseThrow();
        decide(mover, "SET_ASIDE", "a slip of the shop");
        world.round();
        assertThat(waiting()).isEmpty();
        takeBack(mover);
        world.round();
        assertThat(waiting()).isPresent();
    }

    @Test
    void aShopOfWhichManyPricesWaitIsOneQuestion() {
        nextEdition();
        var quiet = total();
        world.market("mood?host=ferrowby.example&mood=TIMES_100");
        world.round();
        assertThat(total()).isEqualTo(quiet);
        var shop = open("SHOP").orElseThrow();
        var many = shop.path("inside").size();
        assertThat(many).isGreaterThanOrEqualTo(5);
        assertThat(shop.path("title").asString()).isEqualTo(many + " prices of Ferrowby");
        assertThat(shop.path("detail").asString()).contains("chosen in this edition", "kelder-550");
        assertThat(wanted()).contains(many + " prices of Ferrowby");

        var decided = decide(shop, "KEEP", "everything is gold now").json();
        assertThat(decided.path("decided").get(0).path("inside").size()).isZero();
        assertThat(total()).isGreaterThan(10 * quiet);
        assertThat(decide(shop, "SET_ASIDE", "").status()).isEqualTo(404);
        takeBack(shop);
        assertThat(total()).isEqualTo(quiet);

        // One of them by itself: it is right, or it is not; the others are left aside together, and asked about no
        // more.
        var supply = waiting().orElseThrow();
        decide(supply, "KEEP", "gold by name");
        assertThat(total()).isEqualTo(quiet + 99 * 5720);
        assertThat(decide(shop, "SET_ASIDE", "").status()).isEqualTo(409);
        takeBack(supply);
        assertThat(total()).isEqualTo(quiet);
        supply = waiting().orElseThrow();
        decide(supply, "SET_ASIDE", "");
        var rest = open("SHOP").orElseThrow();
        assertThat(rest.path("inside").size()).isEqualTo(many - 1);
        decide(rest, "SET_ASIDE", "a slip of the shop");
        world.round();
        assertThat(open("SHOP")).isEmpty();
        takeBack(rest);
        takeBack(supply);
        assertThat(total()).isEqualTo(quiet);
    }

    private Stream<String> wanted() {
        return world.desk().path("wanted").valueStream().map(w -> w.path("what").asString());
    }

    @Test
    void whatMovedAgainMeanwhileIsNotDecided() {
        nextEdition();
        world.market("clock?day=2027-09-02");
        world.round();
        var mover = open("MOVED").orElseThrow();
        world.market("clock?day=2027-11-04");
        world.round();
        assertThat(decide(mover, "KEEP", "").status()).isIn(404, 409);
    }

    @Test
    void aPartThatIsGoneAndABuildOutOfItsBandLeadTheQueue() {
        nextEdition();
        world.market("mood?host=ferrowby.example&path=/p/hollowell-byre-m-black&mood=OUT_OF_STOCK");
        world.round();
        assertThat(queue().path("open").get(0).path("form").asString()).isEqualTo("GONE");
    }
}
