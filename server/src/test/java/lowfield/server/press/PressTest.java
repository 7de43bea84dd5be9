package lowfield.server.press;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
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
    void whatIsTypedOrReadCannotRunOnAPage() throws Exception {
        world.filled();
        world.edit(
                world.ines,
                world.line("CASE"),
                Map.of(
                        "reason",
                        "<script>alert(1)</script> <img src=x onerror=alert(2)>\n\n[click](javascript:alert(3)) ![p](https://x.example/p.png)"));
        var name = "Case </script><script>alert(4)</script>";
        world.edit(
                world.ines,
                world.line("COOLER"),
                Map.of("choice", Map.of("type", "FREE_HAND", "name", name, "priceMinor", 100)));
        world.round();
        world.waiveAll();
        assertThat(publish(world.ines).status()).isEqualTo(201);
        var body = read("/" + world.slug).body();
        assertThat(body)
                .contains("&lt;script&gt;")
                .doesNotContain("<script>alert")
                .doesNotContain("onerror=alert(2)>")
                .doesNotContainPattern("href=\"[^\"]*javascript")
                .doesNotContain("<img");
        assertThat(body).doesNotContain("</script><script>");
    }

    @Test
    void theSnapshotIsWhatItsSchemaSays() throws Exception {
        world.filled().round();
        world.waiveAll();
        publish(world.ines);
        var json = read("/" + world.slug + "/editions/1.json").body();
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-2.schema.json")));
        assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(json.replace("lowfield-edition/2", "another"), InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    void pagesCarryTagsAndAreSentCompressed() throws Exception {
        world.filled().round();
        world.waiveAll();
        publish(world.ines);
        var first = read("/" + world.slug);
        var tag = first.headers().firstValue("ETag").orElseThrow();
        assertThat(read("/" + world.slug, "If-None-Match", tag).statusCode()).isEqualTo(304);
        assertThat(read("/" + world.slug, "Accept-Encoding", "gzip").headers().firstValue("Content-Encoding"))
                .contains("gzip");
        assertThat(read("/" + world.slug + "/archive").body()).contains("Edition 1");
        assertThat(read("/reader/reader.css").statusCode()).isEqualTo(200);
        for (var icon : java.util.List.of("/icon.svg", "/favicon.ico")) {
            assertThat(read(icon).headers().firstValue("Content-Type")).contains("image/svg+xml");
        }
    }

    @Test
    void theReadersPortHasNothingOfTheDesk() throws Exception {
        for (var path :
                new String[] {"/api/session", "/api/guides", "/actuator/health", "/index.html", "/../index.html"}) {
            assertThat(read(path).statusCode()).as(path).isIn(400, 404);
        }
        var post = HttpRequest.newBuilder(URI.create(world.stage.readers() + "/"))
                .POST(HttpRequest.BodyPublishers.ofString("x"))
                .build();
        assertThat(HttpClient.newHttpClient()
                        .send(post, HttpResponse.BodyHandlers.discarding())
                        .statusCode())
                .isEqualTo(405);
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

    @Test
    void aPreviewIsThePageWithoutPublishing() throws Exception {
        world.filled();
        var preview = world.ines.get("/api/editions/" + world.edition + "/preview");
        assertThat(preview.raw().body()).contains("Bosun");
        assertThat(preview.raw().headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'");
        assertThat(read("/" + world.slug).statusCode()).isEqualTo(404);
    }

    /** Parts under a reason, and a tier's builds: what the author set side by side is frozen and shown as tables. */
    @Test
    void whatStandsSideBySideIsShownToReaders() throws Exception {
        world.filled().round();
        var cards = List.of(world.parts.get("merrowby-vane-five-8-gb-black"), world.parts.get("hartle-basalt-16-gb"));
        world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("compared", cards));
        world.ines.post(
                "/api/editions/" + world.edition + "/builds", Map.of("of", world.build, "name", "the quiet one"));
        var card = world.bench().path("card");
        var form = new HashMap<String, Object>(World.tier("Bosun", 84000, 92000));
        form.put("showsBuilds", true);
        world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                form,
                card.path("tierVersion").asInt());
        world.waiveAll();
        assertThat(publish(world.ines).status()).isEqualTo(201);
        var json = read("/" + world.slug + "/editions/1.json").body();
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-2.schema.json")));
        assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
        var body = read("/" + world.slug).body();
        assertThat(body)
                .contains("its builds side by side", "the quiet one", "<th scope=\"row\">chip</th>")
                .containsPattern("<span>the same</span>")
                .containsPattern("16 GB</span><em> better</em>");
    }

    @Test
    void aNoteIsNeverPublished() throws Exception {
        world.filled().round();
        world.edit(world.ines, world.line("CASE"), Map.of("note", "a-secret-note-on-the-line"));
        world.ines.call(
                "PATCH",
                "/api/editions/" + world.edition + "/builds/" + world.build,
                Map.of("note", "a-secret-note-on-the-build"),
                world.bench().path("card").path("version").asInt());
        world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/note",
                Map.of("note", "a-secret-note-on-the-edition"),
                world.desk().path("edition").path("version").asInt());
        assertThat(world.desk().path("edition").path("note").asString()).startsWith("a-secret");
        world.waiveAll();
        publish(world.ines);
        assertThat(read("/" + world.slug).body()).doesNotContain("a-secret-note");
        assertThat(read("/" + world.slug + "/editions/1.json").body()).doesNotContain("a-secret-note");
    }
}
