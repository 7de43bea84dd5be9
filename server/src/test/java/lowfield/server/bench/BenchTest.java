package lowfield.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchTest {
    private final World world = new World();

    private Caller.Answer freeHand(Object price, String currency) {
        var choice =
                new HashMap<String, Object>(Map.of("type", "FREE_HAND", "name", "An old case", "currency", currency));
        choice.put("priceMinor", price);
        return world.edit(world.ines, world.line("CASE"), Map.of("choice", choice));
    }

    private Caller.Answer owned(String slot, String part) {
        var choice = Map.of("type", "OWNED", "what", "my old one", "part", world.parts.get(part));
        return world.edit(world.ines, world.line(slot), Map.of("choice", choice));
    }

    @Test
    void whatIsOwnedIsCheckedByTheFiguresOfAPartAndCostsNothing() {
        world.filled().round();
        var before = World.line(world.bench(), "GRAPHICS_CARD")
                .path("goods")
                .path("minor")
                .asLong();
        assertThat(before).isPositive();
        var bench = owned("GRAPHICS_CARD", "hartle-basalt-16-gb").json();
        var line = World.line(bench, "GRAPHICS_CARD");
        assertThat(line.path("label").asString()).isEqualTo("my old one, already owned");
        assertThat(line.path("goods").path("minor").asLong()).isZero();
        assertThat(bench.path("tally")
                        .path("findings")
                        .valueStream()
                        .map(f -> f.path("evidence").asString()))
                .anyMatch(e -> e.startsWith("The graphics card is 331 mm"));
    }

    @Test
    void whatIsOwnedHasTheFiguresOfItsOwnKind() {
        var refused = owned("GRAPHICS_CARD", "kelder-550-gold");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("is a power supply");
    }

    @Test
    void theTotalAnswersEveryEdit() {
        var answer = freeHand(6450, "EUR");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json()
                        .path("tally")
                        .path("gauge")
                        .path("total")
                        .path("minor")
                        .asLong())
                .isEqualTo(6450);
        var uncounted = world.edit(world.ines, world.line("CASE"), Map.of("counted", false))
                .json()
                .path("tally");
        assertThat(uncounted.path("gauge").path("total").path("minor").asLong()).isZero();
        assertThat(uncounted.path("uncounted").path("minor").asLong()).isEqualTo(6450);
    }

    @ParameterizedTest
    @CsvSource({
        "-1, EUR, cannot be negative",
        "99999999999999, EUR, longer than any price",
        "100, SEK, Convert it first"
    })
    void badPricesAreToldWhyAndChangeNothing(long price, String currency, String why) {
        var before = world.bench();
        var answer = freeHand(price, currency);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
        assertThat(world.bench()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({"0", "-1", "21"})
    void quantitiesAreBounded(int quantity) {
        assertThat(world.edit(world.ines, world.line("CASE"), Map.of("quantity", quantity))
                        .detail())
                .contains("1 to 20");
    }

    @Test
    void anUnknownPartAndOneOfAnotherKindAreRefused() {
        var unknown = world.edit(
                world.ines,
                world.line("CASE"),
                Map.of(
                        "choice",
                        Map.of("type", "PART", "part", UUID.randomUUID().toString())));
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.detail()).contains("There is no part with the id");
        var wrong = world.choose("CASE", "kelder-550-gold");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("the slot Case takes a case");
    }

    @Test
    void anOverlongReasonIsRefusedAndTheOldOneStays() {
        world.edit(world.ines, world.line("CASE"), Map.of("reason", "Short."));
        var long41k = world.edit(world.ines, world.line("CASE"), Map.of("reason", "x".repeat(41_000)));
        assertThat(long41k.status()).isEqualTo(422);
        assertThat(long41k.detail()).contains("41,000").contains("Nothing was saved");
        var twoMegabytes = world.edit(world.ines, world.line("CASE"), Map.of("reason", "x".repeat(2_000_000)));
        assertThat(twoMegabytes.status()).isEqualTo(413);
        assertThat(world.line("CASE").path("reason").asString()).isEqualTo("Short.");
    }

    @Test
    void aSlotForOneThingIsNotAddedTwice() {
        assertThat(world.ines
                        .post(
                                "/api/editions/" + world.edition + "/builds/" + world.build + "/lines",
                                Map.of("slot", "CASE"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aReasonGoesStaleWithItsChoiceUntilItIsConfirmed() {
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        var line = world.line("GRAPHICS_CARD");
        world.edit(
                world.ines,
                line,
                Map.of("choice", Map.of("type", "PART", "part", world.parts.get("hartle-basalt-16-gb"))));
        assertThat(world.line("GRAPHICS_CARD").path("reasonStale").asBoolean()).isTrue();
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("confirmReason", true));
        assertThat(world.line("GRAPHICS_CARD").path("reasonStale").asBoolean()).isFalse();
    }

    @Test
    void optionsTellWhatTakingThemWouldBringAlong() {
        world.filled().round();
        var options = List.of(
                Map.of("purpose", "UPGRADE", "part", world.parts.get("hartle-basalt-16-gb"), "note", "towards 2160p"));
        var open = world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("options", options))
                .json()
                .path("open");
        var option = open.path("options").get(0);
        assertThat(option.path("trouble").valueStream().map(t -> t.path("check").asString()))
                .contains("card-length", "supply-rating");
        assertThat(option.path("differenceMinor").asLong()).isPositive();
        var twice = world.edit(
                world.ines, world.line("GRAPHICS_CARD"), Map.of("options", List.of(options.get(0), options.get(0))));
        assertThat(twice.detail()).contains("listed already");
    }

    @Test
    void aLineIsOpenWhereItIsAskedFor() {
        world.filled().round();
        var edition = "/api/editions/" + world.edition;
        var bench = edition + "/builds/" + world.build + "/bench";
        var card = world.line("GRAPHICS_CARD").path("id").asString();
        assertThat(world.bench().path("open").isNull()).isTrue();
        var open = world.ines.get(bench + "?open=" + card).json().path("open");
        assertThat(open.path("line").asString()).isEqualTo(card);
        assertThat(world.ines.get(edition + "/lines/" + card).json()).isEqualTo(open);
        var elsewhere = UUID.randomUUID();
        assertThat(world.ines
                        .get(bench + "?open=" + elsewhere)
                        .json()
                        .path("open")
                        .isNull())
                .isTrue();
        assertThat(world.ines.get(edition + "/lines/" + elsewhere).status()).isEqualTo(404);
        assertThat(world.ines.get(bench + "?open=the-card").status()).isEqualTo(404);
    }

    @Test
    void eitherOfTwoIsOneOtherPartInTheChoicesPlace() {
        world.filled();
        var other = world.parts.get("hartle-basalt-16-gb");
        var line = world.line("GRAPHICS_CARD");
        var either = Map.of("purpose", "EITHER", "part", other, "note", "The other for 1440p.");
        assertThat(world.edit(world.ines, line, Map.of("options", List.of(either, either)))
                        .status())
                .isEqualTo(422);
        var beside = Map.of("purpose", "EITHER", "part", other, "note", "", "adds", true);
        assertThat(world.edit(world.ines, line, Map.of("options", List.of(beside)))
                        .status())
                .isEqualTo(422);
        assertThat(world.edit(world.ines, line, Map.of("options", List.of(either)))
                        .status())
                .isEqualTo(200);
        var ladder =
                world.ines.get("/api/editions/" + world.edition + "/ladder").json();
        assertThat(ladder.path("columns").toString()).contains("\"either\":\"Test hartle-basalt-16-gb\"");
        world.round();
        world.publish();
        assertThat(world.read("/" + world.slug)).contains("It would do as well:", "The other for 1440p.");
    }
}
