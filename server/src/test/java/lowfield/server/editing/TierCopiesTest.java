package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Tiers made from builds that are there, tiers that come back, variants in all tiers, and months that are skipped. */
class TierCopiesTest {
    private static final String OTHER_CARD = "hartle-basalt-16-gb";
    private final World world = new World().filled();

    private Caller.Answer from(String how, String edition, String build) {
        return world.ines.post(
                "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers/from-build",
                Map.of(
                        "form",
                        Forms.tier("Skipper", 120000, 140000),
                        "source",
                        Map.of("edition", edition, "build", build, "how", how)));
    }

    private String buildOf(String tier) {
        return world.desk()
                .path("cards")
                .valueStream()
                .filter(c -> c.path("tierName").asString().equals(tier))
                .findFirst()
                .orElseThrow()
                .path("build")
                .asString();
    }

    private JsonNode bench(String build) {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + build + "/bench")
                .json();
    }

    private JsonNode card(String tier) {
        return World.line(bench(buildOf(tier)), "GRAPHICS_CARD");
    }

    private void choose(JsonNode line, String part) {
        var answer =
                world.edit(world.ines, line, Map.of("choice", Map.of("type", "PART", "part", world.parts.get(part))));
        assertThat(answer.status()).isEqualTo(200);
    }

    @Test
    void aCopyHasTheSameChoicesAndReasonsAndGoesItsOwnWay() {
        assertThat(from("COPY", world.edition, world.build).status()).isEqualTo(201);
        assertThat(card("Skipper").path("reason").asString()).isEqualTo("Because it is **right** here.");
        choose(card("Bosun"), OTHER_CARD);
        assertThat(card("Skipper").path("choice").path("part").asString())
                .isEqualTo(world.parts.get("merrowby-vane-five-8-gb-black"));
    }

    @Test
    void aFollowerGoesAlongUntilItDiffers() {
        from("FOLLOW", world.edition, world.build);
        choose(card("Bosun"), OTHER_CARD);
        assertThat(card("Skipper").path("choice").path("part").asString()).isEqualTo(world.parts.get(OTHER_CARD));
        choose(card("Skipper"), "merrowby-vane-five-8-gb-black");
        assertThat(card("Bosun").path("choice").path("part").asString()).isEqualTo(world.parts.get(OTHER_CARD));
    }

    @Test
    void oneUndoTakesTheWholeTierOutAgain() {
        from("COPY", world.edition, world.build);
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.desk().path("cards")).hasSize(1);
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(card("Skipper").path("choice").path("type").asString()).isEqualTo("PART");
    }

    @Test
    void whatIsPublishedIsCopiedAndNotFollowed() {
        var first = world.edition;
        world.publish();
        choose(card("Bosun"), OTHER_CARD);
        var refused = from("FOLLOW", first, world.build);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("can be copied, not followed");
        assertThat(from("COPY", first, world.build).status()).isEqualTo(201);
        assertThat(card("Skipper").path("choice").path("part").asString())
                .isEqualTo(world.parts.get("merrowby-vane-five-8-gb-black"));
    }

    @ParameterizedTest
    @CsvSource({"true, false", "false, true"})
    void aBuildThatIsNotThereIsNotCopied(boolean realEdition, boolean realBuild) {
        var answer = from(
                "COPY",
                realEdition ? world.edition : UUID.randomUUID().toString(),
                realBuild ? world.build : UUID.randomUUID().toString());
        assertThat(answer.status()).isEqualTo(404);
    }

    @Test
    void anotherGuidesBuildIsNotFound() {
        var other = new World().filled();
        assertThat(from("COPY", other.edition, other.build).status()).isEqualTo(404);
    }

    @Test
    void aTierThatWasTakenOutComesBackFromAnOlderEdition() {
        var first = world.edition;
        from("COPY", world.edition, world.build);
        var skipper = world.desk().path("cards").get(1);
        world.publish();
        var now = world.desk().path("cards").get(1);
        world.ines.call(
                "DELETE",
                "/api/editions/" + world.edition + "/tiers/" + now.path("tier").asString(),
                null,
                now.path("tierStamp").asInt());
        assertThat(world.desk().path("cards")).hasSize(1);
        var path = "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers/reopened";
        var older = Map.of("edition", first, "tier", skipper.path("tier").asString());
        assertThat(world.ines.post(path, older).status()).isEqualTo(201);
        assertThat(buildOf("Skipper")).isEqualTo(skipper.path("build").asString());
        assertThat(card("Skipper").path("reason").asString()).isNotBlank();
        assertThat(world.ines.post(path, older).detail()).contains("in the edition already");
    }

    @Test
    void aVariantIsMadeInEveryOtherTierAndFollowsWhereThePatternDiffers() {
        from("COPY", world.edition, world.build);
        var variant = world.ines
                .post(
                        "/api/editions/" + world.edition + "/builds",
                        Map.of("of", world.build, "name", "the bigger card"))
                .json()
                .path("build")
                .asString();
        var spread = "/api/editions/" + world.edition + "/builds/" + variant + "/spread";
        assertThat(world.ines.post(spread, Map.of()).detail()).contains("differs nowhere yet");
        choose(World.line(bench(variant), "GRAPHICS_CARD"), OTHER_CARD);
        var made = world.ines.post(spread, Map.of()).json();
        assertThat(made.path("builds")).hasSize(1);
        var other = bench(made.path("builds").get(0).asString());
        assertThat(World.line(other, "GRAPHICS_CARD")
                        .path("choice")
                        .path("part")
                        .asString())
                .isEqualTo(world.parts.get(OTHER_CARD));
        assertThat(World.line(other, "CASE").path("choice").path("part").asString())
                .isEqualTo(world.parts.get("hollowell-byre-m-black"));
        var again = world.ines.post(spread, Map.of()).json();
        assertThat(again.path("builds")).isEmpty();
        assertThat(again.path("passedOver").get(0).asString()).isEqualTo("Skipper has one of this name already");
        assertThat(world.ines
                        .post("/api/editions/" + world.edition + "/builds/" + world.build + "/spread", Map.of())
                        .detail())
                .contains("Choose a variant");
    }

    @Test
    void monthsMayBeSkippedAndNotGoneBackTo() {
        world.publishAnyway();
        world.publish(world.ines);
        var editions = "/api/guides/" + world.slug + "/editions";
        assertThat(world.ines.post(editions, Map.of("period", "2026-12-15")).detail())
                .isEqualTo("Edition 1 was that of 2026-12; the next is of a later month.");
        assertThat(world.ines.post(editions, Map.of("period", "2060-01-01")).status())
                .isEqualTo(422);
        var next = world.ines.post(editions, Map.of("period", "2027-03-20")).json();
        assertThat(next.path("period").asString()).isEqualTo("2027-03-01");
        assertThat(List.of(next.path("number").asInt())).containsExactly(2);
    }
}
