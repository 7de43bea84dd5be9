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
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** What readers are sent, and what never reaches them. */
class ReaderPagesTest {
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
        world.publishAnyway();
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
        world.publishAnyway();
        publish(world.ines);
        var json = read("/" + world.slug + "/editions/1.json").body();
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-6.schema.json")));
        assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(json.replace("lowfield-edition/6", "another"), InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    void pagesCarryTagsAndAreSentCompressed() throws Exception {
        world.filled().round();
        world.publishAnyway();
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
        var form = new HashMap<String, Object>(Forms.tier("Bosun", 84000, 92000));
        form.put("showsBuilds", true);
        world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/tiers/" + card.path("tier").asString(),
                form,
                card.path("tierVersion").asInt());
        world.publishAnyway();
        assertThat(publish(world.ines).status()).isEqualTo(201);
        var json = read("/" + world.slug + "/editions/1.json").body();
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-6.schema.json")));
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
        world.publishAnyway();
        publish(world.ines);
        assertThat(read("/" + world.slug).body()).doesNotContain("a-secret-note");
        assertThat(read("/" + world.slug + "/editions/1.json").body()).doesNotContain("a-secret-note");
    }
}
