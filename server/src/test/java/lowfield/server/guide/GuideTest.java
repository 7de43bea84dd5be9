package lowfield.server.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class GuideTest {
    private final World world = new World();

    @ParameterizedTest
    @CsvSource({
        "84000, 82000, swap them or name one figure",
        "0, 92000, above zero",
        "-100, 92000, above zero",
        "84000, 99999999999999, longer than any price"
    })
    void badBandsAreToldWhyAndChangeNothing(long from, long to, String why) {
        var card = world.desk().path("cards").get(0);
        var path =
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString();
        var answer = world.ines.call(
                "PUT",
                path,
                Forms.tier("Bosun", from, to),
                card.path("tierVersion").asInt());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
        assertThat(world.desk().path("cards").get(0)).isEqualTo(card);
    }

    @Test
    void aFigureThatIsNoneIsABadRequest() {
        var body =
                "{\"name\":\"x\",\"audience\":\"\",\"promise\":\"\",\"band\":{\"type\":\"FROM_TO\",\"fromMinor\":1e400,\"toMinor\":\"many\"},\"countsShipping\":false}";
        var card = world.desk().path("cards").get(0);
        var answer = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                body,
                1);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail()).contains("nothing was changed");
    }

    @ParameterizedTest
    @CsvSource({
        "zone, Nowhere/None, time zone",
        "currency, EURO, ISO 4217",
        "locale, ???, language tag",
        "name, '', guide's name",
        "region, '', region"
    })
    void badSettingsAreToldWhy(String field, String value, String why) {
        var form = new HashMap<>(Forms.guide("Other guide", shops()));
        form.put(field, value);
        var answer = world.ines.post("/api/guides", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }

    private List<String> shops() {
        return world.ines
                .get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> s.path("currency").asString().equals("EUR"))
                .filter(s -> s.path("hasPrices").asBoolean())
                .map(s -> s.path("id").asString())
                .toList();
    }

    @Test
    void aShopOfAnotherCurrencyIsRefused() {
        var shop = Map.of(
                "name",
                "Fjordside",
                "host",
                "fjordside.example",
                "currency",
                "SEK",
                "region",
                "North",
                "zone",
                "CET",
                "taxPermille",
                250,
                "mayFreeze",
                true,
                "pages",
                0);
        var id = world.ines.post("/api/shops", shop).json().path("id").asString();
        var answer = world.ines.post("/api/guides", Forms.guide("Northern guide", List.of(id)));
        assertThat(answer.detail()).contains("Fjordside asks SEK and the guide counts in EUR");
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "http://x.example", "x.example/path", "a b.example", ""})
    void aShopIsNamedByItsHost(String host) {
        var shop = Map.of(
                "name",
                "Shop " + host.hashCode(),
                "host",
                host,
                "currency",
                "EUR",
                "region",
                "",
                "zone",
                "CET",
                "taxPermille",
                0,
                "mayFreeze",
                true,
                "pages",
                0);
        assertThat(world.ines.post("/api/shops", shop).status()).isEqualTo(422);
    }

    @Test
    void settingsNeedTheVersionTheyWereMadeFrom() {
        var form = Forms.guide(world.desk().path("guide").path("name").asString(), shops());
        var path = "/api/guides/" + world.slug;
        assertThat(world.ines.call("PUT", path, form, null).status()).isEqualTo(428);
        assertThat(world.ines.call("PUT", path, form, 1).status()).isEqualTo(200);
        var stale = world.tom.call("PUT", path, form, 1);
        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.json().path("theirs").isMissingNode()
                        || stale.json().path("yours").isMissingNode())
                .isFalse();
    }

    private JsonNode usual(String value) {
        return world.ines
                .get("/api/guides/" + world.slug)
                .json()
                .path("usualValues")
                .valueStream()
                .filter(v -> v.path("value").asString().equals(value))
                .findFirst()
                .orElseThrow();
    }

    private Caller.Answer assuming(int version, Object... values) {
        var form = Forms.guide(world.desk().path("guide").path("name").asString(), shops());
        form.put("usualValues", List.of(values));
        return world.ines.call("PUT", "/api/guides/" + world.slug, form, version);
    }

    @Test
    void aGuideTakesItsOwnUsualValues() {
        assertThat(usual("FAN_WATTS").path("usual").asInt()).isEqualTo(3);
        assertThat(usual("FAN_WATTS").path("label").asString()).isEqualTo("fan");
        var own = Map.of("value", "FAN_WATTS", "low", 2, "usual", 5, "high", 9);
        assertThat(assuming(1, own).status()).isEqualTo(200);
        assertThat(usual("FAN_WATTS").path("usual").asInt()).isEqualTo(5);
        assertThat(usual("PUMP_WATTS").path("usual").asInt()).isEqualTo(10);
        var wrong = assuming(2, Map.of("value", "FAN_WATTS", "low", 2, "usual", 50, "high", 9));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("from a least to a usual to a greatest figure");
        assertThat(assuming(2, own, own).detail()).contains("named twice");
        assertThat(usual("FAN_WATTS").path("usual").asInt()).isEqualTo(5);
    }

    @Test
    void anEditionInWorkIsNotOpenedTwice() {
        assertThat(world.ines
                        .post("/api/guides/" + world.slug + "/editions", Map.of())
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aTierIsAddedWithEmptySlots() {
        var added = world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers",
                Forms.tier("Mate", 121520, 126480));
        assertThat(added.status()).isEqualTo(201);
        assertThat(world.desk().path("cards")).hasSize(2);
        assertThat(world.desk()
                        .path("wanted")
                        .valueStream()
                        .map(w -> w.path("where").asString()))
                .contains("Mate");
    }

    @Test
    void whatDoesNotExistIsSaidToBeMissing() {
        assertThat(world.ines.get("/api/guides/nowhere/desk").type()).isEqualTo("/problems/not-found");
        assertThat(world.ines.get("/api/rounds/not-a-uuid").status()).isEqualTo(404);
    }

    /** An empty new build is one thing to decide, not one for each of its slots. */
    @Test
    void anEmptyBuildIsOneItem() {
        var items = world.desk()
                .path("wanted")
                .valueStream()
                .filter(w -> w.path("build").asString("").equals(world.build))
                .map(w -> w.path("what").asString())
                .toList();
        assertThat(items).containsExactly("8 parts not chosen");
    }
}
