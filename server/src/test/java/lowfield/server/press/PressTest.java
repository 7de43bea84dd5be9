package lowfield.server.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.readers.Pages;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class PressTest {
    private final World world = new World();

    private Caller.Answer publish(Caller who) {
        return world.publish(who);
    }

    private HttpResponse<String> read(String path, String... headers) throws Exception {
        var request = HttpRequest.newBuilder(URI.create(world.stage.readers() + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void anUnfinishedEditionIsNotPublishedAndTheGatesSayWhy() throws Exception {
        var answer = publish(world.ines);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).contains("Nothing was published");
        assertThat(answer.json().path("checks")).isNotEmpty();
        assertThat(read("/" + world.slug).statusCode()).isEqualTo(404);
    }

    @Test
    void pagesFromBeforeThereWereSlotsAreRenderedOnceMore() {
        world.filled().round();
        world.publish();
        var path = "/" + world.slug;
        var page = world.read(path);
        world.stage
                .bean(DSLContext.class)
                .execute(
                        "update reader_page set slots = null, body = 'of old', zipped = '' where path like ?",
                        path + "%");
        world.stage.bean(Pages.class).renderWhatHasNoSlots();
        assertThat(world.read(path)).isEqualTo(page).contains("class=\"today\"");
        assertThat(world.read(path + "/archive")).contains("December 2026");
    }

    @Test
    void onlyWhatWasSeenIsPublished() {
        world.filled().round();
        world.publishAnyway();
        var seen = world.ines.get("/api/editions/" + world.edition + "/proof").json();
        world.edit(world.tom, world.line("CASE"), Map.of("reason", "Tom has rewritten this meanwhile."));
        var stale = world.publish(world.ines, seen);
        assertThat(stale.status()).isEqualTo(412);
        assertThat(stale.detail()).contains("Look again");
        var without = world.ines.post(
                "/api/editions/" + world.edition + "/publication", Map.of("totals", seen.path("totals")));
        assertThat(without.status()).isEqualTo(428);
        assertThat(world.desk().path("edition").path("state").asString()).isEqualTo("IN_WORK");
    }

    @Test
    void aTotalThatHasMovedByMoreThanTwoPerCentIsLookedAtOnceMore() {
        world.filled().round();
        world.publishAnyway();
        var seen = (ObjectNode)
                world.ines.get("/api/editions/" + world.edition + "/proof").json();
        var total = (ObjectNode) seen.path("totals").get(0);
        var now = total.path("totalMinor").asLong();
        total.put("totalMinor", Math.round(now / 1.021));
        var moved = world.publish(world.ines, seen);
        assertThat(moved.status()).isEqualTo(409);
        assertThat(moved.detail()).contains("moved by more than 2%");
        assertThat(moved.json().path("totals").get(0).path("totalMinor").asLong())
                .isEqualTo(now);
        total.put("totalMinor", Math.round(now / 1.019));
        assertThat(world.publish(world.ines, seen).status()).isEqualTo(201);
    }

    @Test
    void aFinishedEditionIsPublishedOnceThoughAskedManyTimesAtOnce() throws Exception {
        world.filled().round();
        world.publishAnyway();
        var answers = World.together(5, () -> publish(world.ines));
        assertThat(answers)
                .extracting(Caller.Answer::status)
                .containsOnlyOnce(201)
                .allMatch(s -> s == 201 || s == 409);
        var page = read("/" + world.slug);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body())
                .contains("Bosun", "189.90", "<strong>right</strong>", "application/ld+json")
                .doesNotContain("<script>");
        assertThat(page.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'");
    }

    @Test
    void aPublishedEditionDoesNotChangeAndTheNextCarriesEverythingOver() throws Exception {
        world.filled().round();
        world.publishAnyway();
        publish(world.ines);
        var frozen = world.edit(world.ines, world.line("CASE"), Map.of("quantity", 2));
        assertThat(frozen.status()).isEqualTo(409);
        assertThat(frozen.detail()).contains("open the next one");
        var next = world.ines.post("/api/guides/" + world.slug + "/editions", Map.of());
        assertThat(next.json().path("number").asInt()).isEqualTo(2);
        assertThat(next.json().path("period").asString()).isEqualTo("2027-01-01");
        var id = next.json().path("id").asString();
        var bench = world.ines
                .get("/api/editions/" + id + "/builds/" + world.build + "/bench")
                .json();
        var line = World.line(bench, "CASE");
        assertThat(line.path("reason").asString())
                .isEqualTo(World.line(world.bench(), "CASE").path("reason").asString());
        assertThat(line.path("how").asString()).isEqualTo("KEPT");
        assertThat(line.path("differenceMinor").asLong()).isZero();
        var switched = world.ines
                .call(
                        "PATCH",
                        "/api/editions/" + id + "/lines/" + line.path("id").asString(),
                        Map.of("choice", Map.of("type", "FREE_HAND", "name", "A crate", "priceMinor", 1000)),
                        line.path("version").asInt())
                .json();
        assertThat(World.line(switched, "CASE").path("how").asString()).isEqualTo("SWITCHED");
        assertThat(World.line(switched, "CASE").path("differenceMinor").asLong())
                .isEqualTo(1000 - 6450);
        assertThat(read("/" + world.slug + "/editions/1").body()).doesNotContain("A crate");
    }

    @Test
    void anExceptionIsForOneProblemAndNoOther() {
        var empty = problems("SLOTS");
        assertThat(empty).hasSizeGreaterThan(2);
        assertThat(world.except(List.of(id(empty.get(0))), "x").status()).isEqualTo(422);
        assertThat(world.except(List.of(), "an empty frame, on purpose").status())
                .isEqualTo(422);
        assertThat(world.except(List.of(id(empty.get(0))), "an empty frame, on purpose")
                        .status())
                .isEqualTo(204);
        var after = problems("SLOTS");
        assertThat(after.get(0).path("exception").path("reason").asString()).isEqualTo("an empty frame, on purpose");
        assertThat(after.get(0).path("exception").path("shown").asBoolean()).isTrue();
        assertThat(after.subList(1, after.size()))
                .allSatisfy(p -> assertThat(p.path("exception").isMissingNode()
                                || p.path("exception").isNull())
                        .isTrue());
        assertThat(check("SLOTS").path("passes").asBoolean()).isFalse();
        assertThat(world.publish(world.ines).status()).isEqualTo(409);
    }

    /** What is wrong with a reason is let through as it is read; what it says wrong later is not. */
    @Test
    void anExceptionDoesNotCoverWhatTheSameTextSaysLater() {
        world.filled().round();
        write("It has 20 GB of memory.");
        var slip = problems("REASONS").get(0);
        assertThat(world.except(List.of(id(slip)), "the maker says so").status())
                .isEqualTo(204);
        assertThat(check("REASONS").path("passes").asBoolean()).isTrue();
        write("It has 24 GB of memory.");
        var other = problems("REASONS").get(0);
        assertThat(id(other)).isNotEqualTo(id(slip));
        assertThat(other.path("earlier").asString()).isEqualTo("the maker says so");
        assertThat(check("REASONS").path("passes").asBoolean()).isFalse();
        write("It has 20 GB of memory.");
        assertThat(check("REASONS").path("passes").asBoolean())
                .as("the very same problem again")
                .isTrue();
    }

    private void write(String reason) {
        assertThat(world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("reason", reason))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void readersSeeAReasonOnlyWhereTheAuthorSaysSo() throws Exception {
        world.filled().round();
        for (var check : world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()) {
            var ids = check.path("problems").valueStream().map(PressTest::id).toList();
            if (!ids.isEmpty()) {
                world.ines.post(
                        "/api/editions/" + world.edition + "/exceptions",
                        Map.of("problems", ids, "reason", "between us only", "shown", false));
            }
        }
        write("It has 20 GB of memory.");
        world.publishAnyway();
        assertThat(world.publish(world.ines).status()).isEqualTo(201);
        assertThat(read("/" + world.slug).body())
                .contains("The author says: a test, not a guide")
                .doesNotContain("between us only");
    }

    @Test
    void aProblemIsLetThroughOnlyAsItWasRead() {
        var read = id(problems("SLOTS").stream()
                .filter(p ->
                        p.path("sentence").asString().toLowerCase(Locale.ROOT).contains("case"))
                .findFirst()
                .orElseThrow());
        world.choose("CASE", "hollowell-byre-m-black");
        var late = world.except(List.of(read, id(problems("SLOTS").get(0))), "an empty frame, on purpose");
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().path("yours").asString()).isEqualTo("an empty frame, on purpose");
        assertThat(problems("SLOTS"))
                .as("none of them is let through")
                .allSatisfy(p -> assertThat(p.path("exception").path("reason").asString(""))
                        .isEmpty());
    }

    @Test
    void anExceptionIsTakenBackOnce() {
        var one = id(problems("SLOTS").get(0));
        world.except(List.of(one), "an empty frame, on purpose");
        var path = "/api/editions/" + world.edition + "/exceptions/" + one;
        assertThat(world.ines.call("DELETE", path, null, null).status()).isEqualTo(204);
        assertThat(world.ines.call("DELETE", path, null, null).status()).isEqualTo(404);
        assertThat(problems("SLOTS").get(0).path("exception").path("reason").asString(""))
                .isEmpty();
    }

    /** What was said to a whole check before is read there, and lets nothing through. */
    @Test
    void anExceptionOfBeforeIsOnlyTold() {
        world.stage
                .bean(DSLContext.class)
                .execute(
                        "insert into waiver select ?::uuid, 'SLOTS', 'of before', 'we knew of it', id, now() from account limit 1",
                        world.edition);
        assertThat(check("SLOTS").path("earlier").valueStream().map(e -> e.asString()))
                .containsExactly("we knew of it");
        assertThat(check("SLOTS").path("passes").asBoolean()).isFalse();
    }

    private static String id(JsonNode problem) {
        return problem.path("id").asString();
    }

    private List<JsonNode> problems(String check) {
        return check(check).path("problems").valueStream().toList();
    }

    private JsonNode check(String name) {
        return world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .valueStream()
                .filter(g -> g.path("check").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** What counts for the guide from now on is the next edition's; today's total goes by what was published. */
    @Test
    void todaysTotalGoesByTheSettingsOfWhenItWasPublished() {
        world.filled().round();
        world.publish();
        var before = today();
        assertThat(before).contains("to be had for");
        var guide = world.ines.get("/api/guides/" + world.slug).json();
        var form = new HashMap<String, Object>(Caller.JSON.convertValue(guide, Map.class));
        List.of("id", "slug", "version").forEach(form::remove);
        form.put("shops", List.of());
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/guides/" + world.slug,
                                form,
                                guide.path("version").asInt())
                        .status())
                .isEqualTo(200);
        assertThat(today()).isEqualTo(before);
    }

    private String today() {
        var page = world.read("/" + world.slug);
        var from = page.indexOf("<p class=\"today\">");
        return page.substring(from, page.indexOf("</p>", from));
    }
}
