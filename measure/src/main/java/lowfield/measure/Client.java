package lowfield.measure;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** A signed-in client of the desk. */
final class Client {
    private final String base;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(cookies)
            .build();

    Client(String base) {
        this.base = base;
    }

    static Client signedIn(String base) throws IOException, InterruptedException {
        var client = new Client(base);
        client.get("/api/session");
        client.send(
                "POST", "/api/session", "{\"email\":\"ines@tidewater.example\",\"password\":\"harbour-lights\"}", "");
        client.get("/api/session");
        return client;
    }

    String get(String path) throws IOException, InterruptedException {
        return body(HttpRequest.newBuilder(URI.create(base + path)).GET().build());
    }

    String send(String method, String path, String json, String ifMatch) throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .method(method, HttpRequest.BodyPublishers.ofString(json));
        return body((ifMatch.isEmpty() ? request : request.header("If-Match", ifMatch)).build());
    }

    /** A file as the body of a POST. */
    String file(String path, byte[] bytes) throws IOException, InterruptedException {
        return body(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/octet-stream")
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
                .build());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private String body(HttpRequest request) throws IOException, InterruptedException {
        var response = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 300) {
            throw new IOException(
                    request.method() + " " + request.uri() + ": " + response.statusCode() + " " + response.body());
        }
        return response.body();
    }

    /** The raw bytes of an address, compressed if the server can. */
    byte[] bytes(String path) throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Accept-Encoding", "gzip")
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
    }
}
