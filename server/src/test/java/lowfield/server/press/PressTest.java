package lowfield.server.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.readers.Pages;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
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
        assertThat(answer.json().path("gates")).isNotEmpty();
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
        world.waiveAll();
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
        world.waiveAll();
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
        world.waiveAll();
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
        world.waiveAll();
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
    void aWaiverIsKeptShownAndLapsesWhenTheProblemChanges() {
        var gates =
                world.ines.get("/api/editions/" + world.edition + "/preflight").json();
        assertThat(gates.valueStream()
                        .filter(g -> !g.path("open").asBoolean())
                        .map(g -> g.path("gate").asString()))
                .contains("SLOTS");
        assertThat(world.ines
                        .call(
                                "PUT",
                                "/api/editions/" + world.edition + "/waivers/SLOTS",
                                Map.of("reason", "x"),
                                gate("SLOTS").path("version").asInt())
                        .status())
                .isEqualTo(422);
        world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/waivers/SLOTS",
                Map.of("reason", "an empty frame, on purpose"),
                gate("SLOTS").path("version").asInt());
        assertThat(gate("SLOTS").path("open").asBoolean()).isTrue();
        world.choose("CASE", "hollowell-byre-m-black");
        assertThat(gate("SLOTS").path("open").asBoolean()).isFalse();
    }

    @Test
    void aGateIsWaivedOnlyAsItWasRead() {
        var read = gate("SLOTS").path("version").asInt();
        world.choose("CASE", "hollowell-byre-m-black");
        var path = "/api/editions/" + world.edition + "/waivers/SLOTS";
        var late = world.ines.call("PUT", path, Map.of("reason", "an empty frame, on purpose"), read);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().path("yours").asString()).isEqualTo("an empty frame, on purpose");
        assertThat(world.ines.call("DELETE", path, null, null).status()).isEqualTo(428);
        assertThat(gate("SLOTS").path("open").asBoolean()).isFalse();
    }

    private tools.jackson.databind.JsonNode gate(String name) {
        return world.ines
                .get("/api/editions/" + world.edition + "/preflight")
                .json()
                .valueStream()
                .filter(g -> g.path("gate").asString().equals(name))
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
