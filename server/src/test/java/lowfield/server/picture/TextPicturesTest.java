package lowfield.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** The author's own pictures and tables in texts: kept for a guide, told when they are gone, published with the edition. */
class TextPicturesTest {
    private final World world = new World();

    private String guide() {
        return world.desk().path("guide").path("id").asString();
    }

    private String added(int width) {
        var made = world.ines.file(
                "/api/guides/" + guide() + "/pictures?alternative=The+test+bench", SamplePictures.png(width, 40));
        assertThat(made.status()).isEqualTo(201);
        return made.json().path("id").asString();
    }

    private void write(int version, String introduction) {
        var of = "/api/editions/" + world.edition + "/texts/EDITION/" + guide();
        var body = Map.of("place", "EDITION", "introduction", introduction, "verdict", "", "disclosure", "");
        assertThat(world.ines.call("PUT", of, body, version).status()).isEqualTo(200);
    }

    private int onReadersSite(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(world.stage.readers() + path))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    private String gates() {
        return world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .toString();
    }

    @Test
    void aPictureAndATableReachThePage() throws Exception {
        world.filled();
        world.round();
        var picture = added(60);
        write(0, "![Our bench](picture:" + picture + ")\n\n| tier | total |\n|---|---|\n| Bosun | {{bosun.total}} |");
        assertThat(onReadersSite("/pictures/" + picture + "/medium")).isEqualTo(404);
        world.publish();
        assertThat(world.read("/" + world.slug))
                .contains("<img src=\"/pictures/" + picture + "/medium\" alt=\"Our bench\" />", "<td>Bosun</td>");
        assertThat(onReadersSite("/pictures/" + picture + "/medium")).isEqualTo(200);
    }

    @Test
    void aPictureThatIsGoneIsToldBeforePublishing() {
        world.filled();
        world.round();
        var picture = added(61);
        write(0, "![Our bench](picture:" + picture + ")");
        assertThat(gates()).doesNotContain("shows a picture that is gone");
        world.ines.call("DELETE", "/api/pictures/" + picture, null, null);
        assertThat(gates()).contains("Introduction to the edition shows a picture that is gone");
        world.ines.post("/api/pictures/" + picture + "/return", Map.of());
        assertThat(gates()).doesNotContain("shows a picture that is gone");
    }

    @Test
    void aPictureOfAnotherGuideIsNotPublished() throws Exception {
        var foreign = new World();
        var picture = foreign.ines
                .file(
                        "/api/guides/" + foreign.desk().path("guide").path("id").asString()
                                + "/pictures?alternative=Theirs",
                        SamplePictures.png(62, 40))
                .json()
                .path("id")
                .asString();
        world.filled();
        world.round();
        write(0, "![Theirs](picture:" + picture + ")");
        world.publish();
        assertThat(onReadersSite("/pictures/" + picture + "/medium")).isEqualTo(404);
    }

    @Test
    void picturesOfNoGuideAreRefused() {
        assertThat(world.ines
                        .file("/api/guides/" + UUID.randomUUID() + "/pictures?alternative=x", SamplePictures.png(9, 9))
                        .status())
                .isEqualTo(404);
    }
}
