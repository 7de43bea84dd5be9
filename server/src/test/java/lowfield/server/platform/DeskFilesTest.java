package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.regex.Pattern;
import lowfield.server.kit.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The desk's own files, asked for as a browser does. */
class DeskFilesTest {
    private final HttpClient browser = HttpClient.newHttpClient();

    private HttpResponse<String> ask(String method, String path, String... headers) throws Exception {
        var request = HttpRequest.newBuilder(URI.create(Stage.open().desk() + path))
                .method(method, HttpRequest.BodyPublishers.noBody());
        if (headers.length > 0) {
            request.headers(headers);
        }
        return browser.send(request.build(), BodyHandlers.ofString());
    }

    private static String header(HttpResponse<?> answer, String name) {
        return answer.headers().firstValue(name).orElse("");
    }

    /** The page names the scripts of its build; one that is kept for longer asks for scripts that are gone. */
    @ParameterizedTest
    @ValueSource(strings = {"/", "/guides/somewhere/round", "/catalogue"})
    void thePageIsAskedForAgainAndKnownByWhatIsInIt(String path) throws Exception {
        var page = ask("GET", path);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(header(page, "Cache-Control")).isEqualTo("no-cache");
        assertThat(header(page, "Last-Modified")).isEmpty();
        assertThat(ask("GET", path, "If-None-Match", header(page, "ETag")).statusCode())
                .isEqualTo(304);
        assertThat(ask("GET", path, "If-None-Match", "\"another\"").body()).isEqualTo(page.body());
    }

    @Test
    void whatThePageNamesIsThereAndKeptForGood() throws Exception {
        var script =
                Pattern.compile("/assets/[^\"]+\\.js").matcher(ask("GET", "/").body());
        assertThat(script.find()).isTrue();
        var answer = ask("GET", script.group());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(header(answer, "Cache-Control")).contains("immutable");
    }

    @ParameterizedTest
    @CsvSource({"GET, /assets/gone.js, 404", "HEAD, /, 200", "HEAD, /api/guides, 401", "GET, /api/guides, 401"})
    void whatIsNotThereAndWhatIsNotForEverybody(String method, String path, int status) throws Exception {
        assertThat(ask(method, path).statusCode()).isEqualTo(status);
    }
}
