package lowfield.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** The author's own pictures over HTTP: of parts, of builds, and for readers. */
class PicturesTest {
    private final World world = new World();

    private Caller.Answer add(String to, byte[] sent, String alternative) {
        return world.ines.file(
                to + "/pictures?alternative=" + URLEncoder.encode(alternative, StandardCharsets.UTF_8), sent);
    }

    private String part(String name) {
        return "/api/parts/" + world.parts.get(name);
    }

    /** A part that no other test looks at. */
    private String newPart() {
        var made = world.ines.post(
                "/api/parts",
                Map.of(
                        "kind",
                        "OTHER",
                        "maker",
                        "Drawn",
                        "family",
                        "",
                        "name",
                        UUID.randomUUID().toString(),
                        "variant",
                        "",
                        "spec",
                        Map.of()));
        return "/api/parts/" + made.json().path("id").asString();
    }

    private String ofBuild() {
        return "/api/editions/" + world.edition + "/builds/" + world.build;
    }

    private int onReadersSite(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(world.stage.readers() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    @Test
    void aPictureIsListedSentInItsSizesAndSaidInOtherWords() {
        var to = newPart();
        var made = add(to, SamplePictures.png(600, 300), " From the front ");
        assertThat(made.status()).isEqualTo(201);
        var id = made.json().path("id").asString();
        assertThat(made.json().path("alternative").asString()).isEqualTo("From the front");
        assertThat(made.json().path("width").asInt()).isEqualTo(480);
        assertThat(world.ines
                        .call("PATCH", "/api/pictures/" + id, Map.of("alternative", "Its front"), null)
                        .status())
                .isEqualTo(200);
        assertThat(world.ines
                        .get(to + "/pictures")
                        .json()
                        .get(0)
                        .path("alternative")
                        .asString())
                .isEqualTo("Its front");
        for (var size : PictureSize.values()) {
            var image = world.ines.get("/pictures/" + id + "/" + size.inAddress());
            assertThat(image.status()).isEqualTo(200);
            assertThat(image.raw().headers().firstValue("Content-Type")).contains("image/jpeg");
        }
        assertThat(world.ines.get("/pictures/" + id + "/huge").status()).isEqualTo(404);
        assertThat(new Caller(world.stage.desk())
                        .get("/pictures/" + id + "/small")
                        .status())
                .isEqualTo(401);
    }

    @Test
    void theSameFileSentTwiceIsOnePicture() {
        var to = newPart();
        var first = add(to, SamplePictures.png(20, 20), "A square");
        var second = add(to, SamplePictures.png(20, 20), "The square");
        assertThat(second.json().path("id")).isEqualTo(first.json().path("id"));
        assertThat(world.ines.get(to + "/pictures").json().size()).isEqualTo(1);
    }

    @Test
    void whatWasTakenOutCanBePutBack() {
        var to = newPart();
        var id = add(to, SamplePictures.png(21, 20), "A square")
                .json()
                .path("id")
                .asString();
        assertThat(world.ines.call("DELETE", "/api/pictures/" + id, null, null).status())
                .isEqualTo(204);
        assertThat(world.ines.get(to + "/pictures").json().size()).isZero();
        assertThat(world.ines.call("DELETE", "/api/pictures/" + id, null, null).status())
                .isEqualTo(404);
        assertThat(world.ines.post("/api/pictures/" + id + "/return", Map.of()).status())
                .isEqualTo(200);
        assertThat(world.ines.get(to + "/pictures").json().size()).isEqualTo(1);
    }

    @Test
    void whatCannotBeKeptIsSaidAndChangesNothing() {
        var to = newPart();
        assertThat(add(to, SamplePictures.png(9, 9), "").detail()).contains("what the picture shows");
        assertThat(add(to, SamplePictures.png(9, 9), "x".repeat(301)).status()).isEqualTo(422);
        assertThat(add(to, "<svg><script>1</script></svg>".getBytes(StandardCharsets.UTF_8), "A drawing")
                        .detail())
                .contains("no picture in PNG, JPEG or WebP");
        assertThat(add(to, new byte[PictureDrawing.MOST_BYTES + 1], "Too much").detail())
                .contains("10 MB");
        assertThat(add("/api/parts/" + UUID.randomUUID(), SamplePictures.png(9, 9), "Nothing")
                        .status())
                .isEqualTo(404);
        assertThat(add(
                                "/api/editions/" + world.edition + "/builds/" + UUID.randomUUID(),
                                SamplePictures.png(9, 9),
                                "No")
                        .status())
                .isEqualTo(404);
        for (var n = 0; n < 12; n++) {
            assertThat(add(to, SamplePictures.png(30 + n, 9), "One of many").status())
                    .isEqualTo(201);
        }
        assertThat(add(to, SamplePictures.png(50, 9), "One too many").detail()).contains("12 pictures already");
        assertThat(world.ines.get(to + "/pictures").json().size()).isEqualTo(12);
    }

    /** Words of a picture are text on a page, whatever they hold; before publishing readers get nothing of it. */
    @Test
    void readersGetWhatAPublishedEditionShows() throws Exception {
        var onLine = add(part("aldane-fennel-six"), SamplePictures.png(40, 20), "\"><script>alert(1)</script> a CPU")
                .json()
                .path("id")
                .asString();
        var ofBuild = add(ofBuild(), SamplePictures.jpeg(800, 600), "The build, open")
                .json()
                .path("id")
                .asString();
        world.filled();
        world.round();
        assertThat(onReadersSite("/pictures/" + onLine + "/medium")).isEqualTo(404);
        world.publish();
        assertThat(onReadersSite("/pictures/" + onLine + "/medium")).isEqualTo(200);
        assertThat(onReadersSite("/pictures/" + ofBuild + "/large")).isEqualTo(200);
        assertThat(onReadersSite("/pictures/" + ofBuild + "/huge")).isEqualTo(404);
        var page = world.read("/" + world.slug);
        assertThat(page)
                .contains("alt=\"The build, open\"", "/pictures/" + ofBuild + "/medium", "/pictures/" + onLine)
                .doesNotContain("<script>alert");
        world.ines.call("DELETE", "/api/pictures/" + onLine, null, null);
        assertThat(onReadersSite("/pictures/" + onLine + "/small")).isEqualTo(200);
    }

    @Test
    void aMergedPartsPicturesGoAlong() {
        var stays = newPart();
        var gone = newPart();
        add(gone, SamplePictures.png(70, 20), "What was drawn");
        var merged =
                world.ines.call("POST", gone + "/merge", Map.of("into", stays.substring("/api/parts/".length())), 1);
        assertThat(merged.status()).isEqualTo(200);
        assertThat(world.ines.get(stays + "/pictures").json().size()).isEqualTo(1);
    }
}
