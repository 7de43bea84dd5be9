package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Names, numbers, release and suggested price of a part, changed on its sheet. */
class IdentityTest {
    private final World world = new World();
    private final String own = UUID.randomUUID().toString().substring(0, 8);

    private String add(String name, String version) {
        return world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind", "MOUSE", "maker", "Tapley", "family", "", "name", name, "variant", version,
                                "spec", Map.of()))
                .json()
                .path("id")
                .asString();
    }

    private JsonNode sheet(String part) {
        return world.ines.get("/api/parts/" + part).json();
    }

    private Caller.Answer correct(String part, String field, Object value) {
        var body = new HashMap<String, Object>();
        body.put(field, value);
        return world.ines.call(
                "PATCH", "/api/parts/" + part, body, sheet(part).path("version").asInt());
    }

    @Test
    void aNewNameIsThatOfAllVersions() {
        var black = add("Reed " + own, "black");
        var white = add("Reed " + own, "white");
        assertThat(correct(black, "product", "Reeds " + own).status()).isEqualTo(200);
        assertThat(sheet(white).path("part").path("fullName").asString()).isEqualTo("Tapley Reeds " + own + ", white");
        assertThat(correct(white, "maker", "Osprel").status()).isEqualTo(200);
        assertThat(sheet(black).path("maker").asString()).isEqualTo("Osprel");
        assertThat(sheet(black).path("siblings").get(0).path("id").asString()).isEqualTo(white);
    }

    @Test
    void aNameThatIsTakenIsRefused() {
        var black = add("Reed " + own, "black");
        add("Reed " + own, "white");
        add("Sedge " + own, "black");
        assertThat(correct(black, "version", "white").detail()).contains("in the catalogue already");
        assertThat(correct(black, "product", "Sedge " + own).detail()).contains("merge the two");
        assertThat(sheet(black).path("part").path("fullName").asString()).isEqualTo("Tapley Reed " + own + ", black");
    }

    @Test
    void numbersAreChangedAndTakenAway() {
        var part = add("Reed " + own, "");
        var other = add("Sedge " + own, "");
        var number = "2" + "%012d".formatted(Math.abs((long) own.hashCode()) % 1_000_000_000_000L);
        var gtin = number.substring(0, 12) + checkDigit(number.substring(0, 12));
        assertThat(correct(part, "gtin", gtin).status()).isEqualTo(200);
        assertThat(correct(part, "gtin", gtin).status()).isEqualTo(200);
        assertThat(correct(other, "gtin", gtin).detail()).contains("a part has a number of its own");
        assertThat(correct(part, "gtin", "123").detail()).contains("A GTIN is");
        assertThat(correct(part, "makerNumber", "R-" + own).status()).isEqualTo(200);
        assertThat(sheet(part).path("identity").path("makerNumber").asString()).isEqualTo("R-" + own);
        correct(part, "gtin", "");
        assertThat(sheet(part).path("identity").path("gtin").isNull()).isTrue();
        assertThat(correct(other, "gtin", gtin).status()).isEqualTo(200);
    }

    private static int checkDigit(String twelve) {
        int sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += (twelve.charAt(i) - '0') * (i % 2 == 0 ? 1 : 3);
        }
        return (10 - sum % 10) % 10;
    }

    @Test
    void anAnnouncedPartHasADayAndAPriceThatAreExpected() {
        var part = add("Reed " + own, "");
        correct(part, "release", "ANNOUNCED");
        correct(part, "expectedOn", "2027-02-14");
        correct(part, "suggestedRegion", "Home coast");
        var body = Map.of("suggestedMinor", 4_990, "suggestedCurrency", "SEK");
        world.ines.call(
                "PATCH", "/api/parts/" + part, body, sheet(part).path("version").asInt());
        var sheet = sheet(part);
        assertThat(sheet.path("identity").path("expectedOn").asString()).isEqualTo("2027-02-14");
        assertThat(sheet.path("identity").path("suggestedRegion").asString()).isEqualTo("Home coast");
        assertThat(sheet.path("suggestedCurrency").asString()).isEqualTo("SEK");
        assertThat(sheet.path("changes").get(0).path("what").asString()).contains("MSRP");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "expectedOn | next spring | written like 2027-02-14",
                "product | '' | 1 to 160 letters",
                "maker | '' | 1 to 80 letters",
            })
    void whatCannotBeIsRefused(String field, String value, String why) {
        var part = add("Reed " + own, "");
        var answer = correct(part, field, value);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }

    @Test
    void aNameOfThreeHundredLettersOrWithMarkupHarmsNothing() {
        var part = add("Reed " + own, "");
        assertThat(correct(part, "product", "x".repeat(300)).status()).isEqualTo(422);
        assertThat(correct(part, "product", "Reed\u0000" + own).status()).isEqualTo(422);
        assertThat(correct(part, "product", "<b>Reed " + own + "</b>").status()).isEqualTo(200);
        assertThat(sheet(part).path("part").path("fullName").asString()).isEqualTo("Tapley <b>Reed " + own + "</b>");
    }

    @Test
    void missingFiguresAreAskedForInTheOrderInWhichTheyDecide() {
        world.filled();
        var card = world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "GRAPHICS_CARD",
                                "maker",
                                "Merrowby",
                                "family",
                                "",
                                "name",
                                "Vane bare " + own,
                                "variant",
                                "",
                                "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString();
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("choice", Map.of("type", "PART", "part", card)));
        var missing = world.ines
                .get("/api/editions/" + world.edition + "/missing-figures")
                .json();
        var figures = missing.path("figures").valueStream().toList();
        assertThat(figures).extracting(f -> f.path("part").asString()).contains(card);
        assertThat(figures.stream().map(f -> f.path("isDecisive").asBoolean()).toList())
                .isSortedAccordingTo((a, b) -> Boolean.compare(b, a));
        assertThat(missing.path("checks").asInt())
                .isEqualTo(
                        figures.stream().mapToInt(f -> f.path("checks").asInt()).sum());
        var power = figures.stream()
                .filter(f -> f.path("field").asString().equals("boardPower"))
                .findFirst()
                .orElseThrow();
        correct(card, "figures", Map.of("boardPower", 165));
        var after = world.ines
                .get("/api/editions/" + world.edition + "/missing-figures")
                .json();
        assertThat(after.path("checks").asInt())
                .isLessThan(missing.path("checks").asInt());
        assertThat(power.path("unit").asString()).isEqualTo("W");
    }
}
