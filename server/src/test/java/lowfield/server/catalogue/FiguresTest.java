package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures of parts: missing ones filled in, wrong ones corrected, side by side. */
class FiguresTest extends CatalogueCase {
    @Test
    void aStoredFigureThatIsNotBelievedIsNotKnownUntilItIsMendedAndTakesNothingElseAway() {
        var box = add("CASE", "Doubted " + UUID.randomUUID(), "", Map.of("cardLength", 300, "volume", 41));
        world.stage
                .bean(DSLContext.class)
                .execute("update variant set spec = '{\"cardLength\": -5, \"volume\": 41}' where id = ?::uuid", box);
        world.stage.bean(Notices.class).changed(Notices.Topic.CATALOGUE, List.of(UUID.fromString(box)));
        var spec = sheet(box).path("part").path("spec");
        assertThat(spec.has("cardLength")).isFalse();
        assertThat(spec.path("volume").asInt()).isEqualTo(41);
        assertThat(correct(box, Map.of("figures", Map.of("cardLength", 310)), 1).status())
                .isEqualTo(200);
        assertThat(sheet(box).path("part").path("spec").path("cardLength").asInt())
                .isEqualTo(310);
    }

    @Test
    void aMissingFigureIsFilledInAndTheBuildIsDecided() {
        var name = "Case " + UUID.randomUUID();
        var box = add("CASE", name, "", Map.of("formats", java.util.List.of("micro-ATX")));
        world.filled();
        world.edit(world.ines, world.line("CASE"), Map.of("choice", Map.of("type", "PART", "part", box)));
        var gap = world.bench()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("cooler-height"))
                .findFirst()
                .orElseThrow()
                .path("gap");
        assertThat(gap.path("part").asString()).isEqualTo(box);
        var told = correct(
                box, Map.of("figures", Map.of(gap.path("field").asString(), 160), "source", "the maker's drawing"), 1);
        assertThat(told.status()).isEqualTo(200);
        assertThat(told.json()
                        .path("provenance")
                        .path("coolerHeight")
                        .path("source")
                        .asString())
                .isEqualTo("the maker's drawing");
        var build = world.ines.get("/api/editions/%s/builds/%s/fitting".formatted(world.edition, world.build));
        assertThat(build.json().valueStream().map(f -> f.path("check").asString()))
                .contains("cooler-height");
        assertThat(world.bench().path("tally").path("fitting").asInt())
                .isEqualTo(build.json().size());
        var uses = world.ines.get("/api/parts/" + box + "/uses").json();
        assertThat(uses.valueStream().map(u -> u.path("where").asString())).containsExactly("Bosun, main build, Case");
        assertThat(uses.get(0).path("published").asBoolean()).isFalse();
        assertThat(sheet(box).path("changes").get(0).path("what").asString()).isEqualTo("CPU cooler clearance");
    }

    @Test
    void twoCorrectionsAtOnceLoseNeither() {
        var box = add("CASE", "Case " + UUID.randomUUID(), "", Map.of());
        assertThat(correct(box, Map.of("figures", Map.of("cardLength", 300)), 1).status())
                .isEqualTo(200);
        var late = correct(box, Map.of("figures", Map.of("cardLength", 310)), 1);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().path("theirs").path("cardLength").asInt()).isEqualTo(300);
        assertThat(world.ines.call("PATCH", "/api/parts/" + box, Map.of(), null).status())
                .isEqualTo(428);
        var taken = new HashMap<String, Object>();
        taken.put("cardLength", null);
        assertThat(correct(box, Map.of("figures", taken), 2)
                        .json()
                        .path("part")
                        .path("spec")
                        .has("cardLength"))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "cardLength, 99999, a whole number from 0 to",
        "cardLength, long, a whole number from 0 to",
        "window, maybe, yes or no",
        "wheels, 4, one that this kind has"
    })
    void aFigureThatCannotBeIsToldAndNothingChanges(String figure, String value, String why) {
        var box = add("CASE", "Case " + UUID.randomUUID(), "", Map.of("cardLength", 300));
        var answer = correct(
                box, Map.of("figures", Map.of(figure, value.matches("\\d+") ? Integer.valueOf(value) : value)), 1);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
        assertThat(sheet(box).path("version").asInt()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"-1, EUR, more than nothing", "9223372036854775807, EUR, longer than any price", "100, QQQ, ISO 4217"})
    void aSuggestedPriceThatIsNoneIsTold(long minor, String currency, String why) {
        var box = add("CASE", "Priced " + minor + currency, "", Map.of());
        var told = correct(box, Map.of("suggestedMinor", minor, "suggestedCurrency", currency), 1);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.detail()).contains(why);
    }

    @Test
    void partsStandSideBySide() {
        var one = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var other = add("CASE", "Side " + UUID.randomUUID(), "", Map.of());
        assertThat(world.ines
                        .get("/api/parts/compared?ids=" + one + "," + other)
                        .detail())
                .contains("one kind");
        assertThat(world.ines.get("/api/parts/compared?ids=" + one).detail()).contains("Two to 4");
        var cards = world.parts.get("merrowby-vane-five-8-gb-black") + "," + world.parts.get("hartle-basalt-16-gb");
        var chip = world.ines
                .get("/api/parts/compared?ids=" + cards)
                .json()
                .valueStream()
                .filter(r -> r.path("figure").asString().equals("chip"))
                .findFirst()
                .orElseThrow();
        assertThat(chip.path("cells").get(0).asString()).isEqualTo("Vane Five");
        assertThat(chip.path("better")).isEmpty();
    }

    @Test
    void sideBySideTellsHowManyFiguresSayWhereTheyAreFrom() {
        var one = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var other = add("MOUSE", "Side " + UUID.randomUUID(), "", Map.of());
        var figures = Map.of("weight", 71);
        world.ines.call("PATCH", "/api/parts/" + one, Map.of("figures", figures, "source", "weighed by us"), 1);
        world.ines.call("PATCH", "/api/parts/" + other, Map.of("figures", figures), 1);
        var rows =
                world.ines.get("/api/parts/compared?ids=" + one + "," + other).json();
        var evidence = rows.get(rows.size() - 1);
        assertThat(evidence.path("figure").asString()).isEqualTo("evidence");
        assertThat(evidence.path("cells").get(0).asString()).isEqualTo("1");
        assertThat(evidence.path("cells").get(1).asString()).isEqualTo("0");
    }
}
