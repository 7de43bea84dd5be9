package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.TestCluster;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a tier asks for, and what the author answers to cautions. */
class AnswersTest {
    private final World world = new World();

    private void asking(Map<String, Object> wishes) {
        var card = world.bench().path("card");
        var form = new HashMap<String, Object>(Forms.tier("Bosun", 84000, 92000));
        form.put("wishes", wishes);
        var answer = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                form,
                card.path("tierVersion").asInt());
        assertThat(answer.status()).as(answer.detail()).isEqualTo(204);
    }

    private JsonNode finding(String check) {
        return world.bench()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals(check))
                .findFirst()
                .orElse(Caller.JSON.missingNode());
    }

    private Caller.Answer answer(JsonNode finding, String words) {
        return world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/answers/"
                        + finding.path("fingerprint").asString(),
                Map.of("answer", words),
                null);
    }

    @Test
    void aTiersWishesAreChecked() {
        world.filled().round();
        assertThat(finding("secure-boot").isMissingNode()).isTrue();
        asking(Map.of("secureBoot", true, "colours", List.of("white"), "supplyFloor", "excellent"));
        assertThat(finding("secure-boot").path("verdict").asString()).isEqualTo("NOTE");
        assertThat(finding("theme").path("verdict").asString()).isEqualTo("NOT_KNOWN");
        asking(Map.of());
        assertThat(finding("secure-boot").isMissingNode()).isTrue();
    }

    @Test
    void wishesThatCannotBeAreRefused() {
        var form = new HashMap<String, Object>(Forms.tier("Bosun", 84000, 92000));
        form.put("wishes", Map.of("mostNoise", 0));
        var card = world.bench().path("card");
        var refused = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                form,
                card.path("tierVersion").asInt());
        assertThat(refused.status()).isIn(400, 422);
        assertThat(refused.detail()).contains("1 to 120 dB");
    }

    @Test
    void anAnsweredCautionStandsLastWithItsAnswer() {
        world.filled().round();
        asking(Map.of("secureBoot", true));
        assertThat(answer(finding("secure-boot"), "The rooms' guests know it.").status())
                .isEqualTo(204);
        assertThat(finding("secure-boot").path("answer").asString()).isEqualTo("The rooms' guests know it.");
        var answers = new ArrayList<Boolean>();
        world.bench()
                .path("tally")
                .path("findings")
                .forEach(f -> answers.add(!f.path("answer").isNull()));
        assertThat(answers).isSorted();
        world.ines.call(
                "DELETE",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/answers/"
                        + finding("secure-boot").path("fingerprint").asString(),
                null,
                null);
        assertThat(finding("secure-boot").path("answer").isNull()).isTrue();
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(finding("secure-boot").path("answer").asString()).isEqualTo("The rooms' guests know it.");
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(finding("secure-boot").path("answer").isNull()).isTrue();
        world.ines.post("/api/editions/" + world.edition + "/redo", Map.of());
        assertThat(finding("secure-boot").path("answer").asString()).isEqualTo("The rooms' guests know it.");
    }

    /** Given once, it counts in the variant that shares the lines, and is taken back in either. */
    @Test
    void anAnswerCountsForEveryBuildThatSharesWhatItIsAbout() {
        world.filled().round();
        asking(Map.of("beside", List.of("CASE")));
        var variant = world.ines
                .post("/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "twin"))
                .json()
                .path("build")
                .asString();
        answer(finding("counted"), "It is a gift.");
        var there = ofBuild(variant);
        assertThat(there.path("answer").asString()).isEqualTo("It is a gift.");
        assertThat(there.path("carriedOver").asBoolean()).isFalse();
        assertThat(withdrawn(variant, there).status()).isEqualTo(204);
        assertThat(ofBuild(variant).path("answer").isString()).isFalse();
        assertThat(finding("counted").path("answer").isString()).isFalse();
        assertThat(withdrawn(variant, there).status()).isEqualTo(404);
    }

    private JsonNode ofBuild(String build) {
        return world.ines
                .get("/api/editions/" + world.edition + "/builds/" + build + "/bench")
                .json()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("counted"))
                .findFirst()
                .orElseThrow();
    }

    private Caller.Answer withdrawn(String build, JsonNode finding) {
        return world.ines.call(
                "DELETE",
                "/api/editions/" + world.edition + "/builds/" + build + "/answers/"
                        + finding.path("fingerprint").asString(),
                null,
                null);
    }

    /** An answer from before: bound to its check, carried over, and not to be undone any more. */
    @Test
    void anAnswerFromBeforeIsCarriedOverAndItsCommandStays() {
        world.filled().round();
        asking(Map.of("beside", List.of("CASE")));
        answer(finding("counted"), "It is a gift.");
        world.stage.asOwner(
                "update finding_answer set fingerprint = 'fba31f48' where edition_id = '" + world.edition + "'");
        world.stage.asOwner(
                "update command set after = jsonb_set(after, '{fingerprint}', '\"fba31f48\"') where target = 'ANSWER' and edition_id = '"
                        + world.edition + "'");
        var carried = finding("counted");
        assertThat(carried.path("answer").asString()).isEqualTo("It is a gift.");
        assertThat(carried.path("carriedOver").asBoolean()).isTrue();
        var undone = world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(undone.text()).doesNotContain("answered");
        assertThat(TestCluster.single(
                        world.stage.cluster.owner,
                        "select count(*) from finding_answer where edition_id = '" + world.edition + "'"))
                .isEqualTo("1");
    }

    @Test
    void anAnswerLapsesWithTheFigureItWasGivenFor() {
        world.filled().round();
        asking(Map.of("secureBoot", true, "beside", List.of("CASE")));
        answer(finding("counted"), "It is a gift.");
        assertThat(finding("counted").path("answer").asString()).isEqualTo("It is a gift.");
        world.edit(world.ines, world.line("CASE"), Map.of("quantity", 2));
        assertThat(finding("counted").path("answer").asString()).isEqualTo("It is a gift.");
        world.edit(world.ines, world.line("CASE"), Map.of("counted", false));
        assertThat(finding("counted").path("answer").isNull()
                        || finding("counted").isMissingNode())
                .isTrue();
    }

    @Test
    void onlyWhatIsSaidAndOnlyCautionsAreAnswered() {
        world.filled().round();
        asking(Map.of("supplyFloor", "excellent"));
        var below = finding("supply-floor");
        assertThat(below.path("verdict").asString()).isIn("NOT_KNOWN", "CLASH");
        assertThat(answer(below, "never mind").detail()).contains("a missing figure filled in");
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/editions/" + world.edition + "/builds/" + world.build + "/answers/0",
                                Map.of("answer", "what"),
                                null)
                        .status())
                .isEqualTo(404);
    }

    /** Two cards, and the same said of both: neither is the version that was meant. */
    @Test
    void oneAnswerCanCountForEveryBuildThatIsToldTheSame() {
        world.filled().round();
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("meant", "white"));
        var variant = world.ines
                .post(
                        "/api/editions/" + world.edition + "/builds",
                        Map.of("of", world.build, "name", "the dearer card"))
                .json()
                .path("build")
                .asString();
        var address = "/api/editions/" + world.edition + "/builds/" + variant + "/bench";
        var line = World.line(world.ines.get(address).json(), "GRAPHICS_CARD");
        world.edit(
                world.ines,
                line,
                Map.of(
                        "choice",
                        Map.of("type", "PART", "part", world.parts.get("hartle-basalt-16-gb")),
                        "meant",
                        "white"));
        var told = finding("version-meant");
        var answer = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/answers/"
                        + told.path("fingerprint").asString(),
                Map.of("answer", "White ones are sold out.", "everywhere", true),
                null);
        assertThat(answer.status()).isEqualTo(204);
        var other = world.ines
                .get(address)
                .json()
                .path("tally")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("version-meant"))
                .findFirst()
                .orElseThrow();
        assertThat(other.path("fingerprint").asString())
                .isNotEqualTo(told.path("fingerprint").asString());
        assertThat(other.path("answer").asString()).isEqualTo("White ones are sold out.");
    }
}
