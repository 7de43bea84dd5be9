package lowfield.server.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/** Reasons held against the data: slips, what is meant so, and what has changed since a reason was confirmed. */
class ReasonStatesTest {
    private static final String CARD = "GRAPHICS_CARD";

    private World world = new World();

    @BeforeEach
    void pricedBuild() {
        world.filled();
        world.round();
    }

    private Caller.Answer edit(String slot, Object patch) {
        var answer = world.edit(world.ines, world.line(slot), patch);
        assertThat(answer.status()).isEqualTo(200);
        return answer;
    }

    /** Nothing is to be done; what could become a fact is an offer. */
    private boolean isFine(String slot) {
        var state = state(slot);
        return state.path("slips").isEmpty()
                && state.path("changes").isEmpty()
                && !state.path("move").isString();
    }

    private JsonNode state(String slot) {
        var line = world.line(slot).path("id").asString();
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + world.build + "/reason-states")
                .json()
                .valueStream()
                .filter(s -> s.path("line").asString().equals(line))
                .findFirst()
                .orElse(MissingNode.getInstance());
    }

    private List<String> gate() {
        return world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .valueStream()
                .filter(g -> g.path("check").asString().equals("REASONS"))
                .flatMap(g -> g.path("problems").valueStream())
                .map(p -> p.path("sentence").asString())
                .toList();
    }

    private static String price(JsonNode line) {
        return "%.2f EUR".formatted(line.path("goods").path("minor").asLong() / 100.0);
    }

    /** Buys the part where it costs more. */
    private void buyElsewhere(String slot) {
        var path = "/api/editions/" + world.edition + "/lines/"
                + world.line(slot).path("id").asString() + "/offers";
        var other = world.ines
                .get(path)
                .json()
                .valueStream()
                .filter(o -> !o.path("isTaken").asBoolean() && o.path("why").isEmpty())
                .findFirst()
                .orElseThrow();
        var listing = other.path("offer").path("listing").asString();
        edit(slot, Map.of("hold", Map.of("listing", listing, "why", "they deliver here")));
    }

    @Test
    void aWrongFigureIsToldWithTheRightOneAndHoldsThePressUp() {
        edit(CARD, Map.of("reason", "It has 20 GB of memory."));
        var slip = state(CARD).path("slips").get(0);
        assertThat(slip.path("written").asString()).isEqualTo("20 GB");
        assertThat(slip.path("right").asString()).isEqualTo("8 GB");
        assertThat(slip.path("fact").asString()).isEqualTo("{{spec.memory}}");
        assertThat(slip.path("start").asInt()).isEqualTo(7);
        assertThat(gate()).singleElement().asString().contains("says 20 GB where the data says 8 GB");
    }

    @Test
    void whatIsMeantSoIsLetStandAndCanBeUndone() {
        edit(CARD, Map.of("reason", "It has 20 GB of memory."));
        var key = state(CARD).path("slips").get(0).path("key").asString();
        edit(CARD, Map.of("meantSo", key));
        assertThat(isFine(CARD)).isTrue();
        assertThat(gate()).isEmpty();
        edit(CARD, Map.of("reason", "It has 20 GB of memory; that lasts."));
        assertThat(isFine(CARD)).isTrue();
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(state(CARD).path("slips")).hasSize(1);
    }

    @Test
    void aPriceThatMovesMakesTheReasonStaleAndSaysWhatChanged() {
        var was = price(world.line(CARD));
        edit(CARD, Map.of("reason", "At " + was + " it is fair."));
        assertThat(isFine(CARD)).isTrue();
        buyElsewhere(CARD);
        var now = price(world.line(CARD));
        assertThat(now).isNotEqualTo(was);
        assertThat(state(CARD).path("changes").get(0).asString()).isEqualTo("Price: was " + was + "; now " + now + ".");
        assertThat(gate()).singleElement().asString().contains("Reason of the graphics card is stale");
    }

    @Test
    void confirmingBindsAReasonToWhatIsSoNow() {
        edit(CARD, Map.of("reason", "At " + price(world.line(CARD)) + " it is fair."));
        buyElsewhere(CARD);
        edit(CARD, Map.of("confirmReason", true));
        assertThat(state(CARD).path("changes")).isEmpty();
        assertThat(state(CARD).path("slips")).hasSize(1);
    }

    /** Of three things that are no longer so, one is mended; a word elsewhere mends none; "still correct" is for all. */
    @Test
    void onlyWhatWasLookedAtIsConfirmed() {
        edit(CARD, Map.of("reason", "It has 8 GB of memory. It is 242 mm long. It draws 165 W. We like it."));
        assertThat(isFine(CARD)).isTrue();
        edit(CARD, Map.of("choice", Map.of("type", "PART", "part", world.parts.get("hartle-basalt-16-gb"))));
        assertThat(state(CARD).path("changes")).hasSize(3);
        edit(CARD, Map.of("reason", "It has 16 GB of memory. It is 242 mm long. It draws 165 W. We like it."));
        assertThat(changes()).hasSize(2).noneMatch(c -> c.contains("16 GB"));
        edit(CARD, Map.of("reason", "It has 16 GB of memory. It is 242 mm long. It draws 165 W. We liked it."));
        assertThat(changes()).hasSize(2);
        assertThat(world.line(CARD).path("reasonStale").asBoolean(false)).isTrue();
        edit(CARD, Map.of("confirmReason", true));
        assertThat(changes()).isEmpty();
    }

    private List<String> changes() {
        return state(CARD).path("changes").valueStream().map(c -> c.asString()).toList();
    }

    /** What is stored with a new choice is read against that choice. */
    @Test
    void aReasonThatComesWithAChoiceIsReadAgainstIt() {
        var part = world.parts.get("hartle-basalt-16-gb");
        edit(CARD, Map.of("choice", Map.of("type", "PART", "part", part), "reason", "It has 16 GB of memory."));
        assertThat(isFine(CARD)).isTrue();
    }

    @Test
    void theNextEditionAsksOnlyAboutWhatHasChanged() {
        edit(CARD, Map.of("reason", "At " + price(world.line(CARD)) + " it is fair."));
        world.publish();
        world = world.in(world.slug);
        assertThat(isFine(CARD)).isTrue();
        buyElsewhere(CARD);
        assertThat(state(CARD).path("changes")).hasSize(1);
    }

    @Test
    void aKeyThatIsTooLongAndABuildOfElsewhereAreRefused() {
        var tooLong = world.edit(world.ines, world.line(CARD), Map.of("meantSo", "x".repeat(401)));
        assertThat(tooLong.status()).isEqualTo(422);
        assertThat(world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + UUID.randomUUID() + "/reason-states")
                        .status())
                .isEqualTo(404);
    }

    /** What is typed rightly can become a fact, and reads the same then. */
    @Test
    void rightFiguresAreOfferedAsFacts() {
        var price = price(world.line(CARD));
        edit(CARD, Map.of("reason", "It has 8 GB and costs " + price + "."));
        var amount = price.replace(" EUR", "");
        assertThat(state(CARD).path("facts").valueStream())
                .extracting(
                        f -> f.path("written").asString() + " " + f.path("fact").asString())
                .containsExactly("8 GB {{spec.memory}}", amount + " {{price}}");
        edit(CARD, Map.of("reason", "It has {{spec.memory}} and costs {{price}} EUR."));
        assertThat(state(CARD).path("facts")).isEmpty();
        var preview = world.ines.post(
                "/api/editions/" + world.edition + "/lines/"
                        + world.line(CARD).path("id").asString() + "/reason-preview",
                Map.of("markdown", "It has {{spec.memory}} and costs {{price}} EUR."));
        assertThat(preview.text()).contains("It has 8 GB and costs " + price);
    }
}
