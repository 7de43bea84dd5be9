package lowfield.server.kit;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at the desk's HTTP interface, with cookies and the CSRF token as a browser has them. */
public final class Caller {
    public static final JsonMapper JSON = new JsonMapper();
    private static final String KEY = "Idempotency-Key";
    private final CookieManager cookies;
    private final HttpClient http;
    private final String base;
    private final String otherToken;
    private final Map<String, String> headers;

    /** An answer: status, headers and the body as JSON (missing when it is none). */
    public record Answer(int status, HttpResponse<String> raw, JsonNode json) {
        public String detail() {
            return json.path("detail").asString("");
        }

        public String text() {
            return raw.body();
        }

        public String type() {
            return json.path("type").asString("");
        }
    }

    public Caller(String base) {
        this.base = base;
        cookies = new CookieManager();
        http = HttpClient.newBuilder().cookieHandler(cookies).build();
        otherToken = "";
        headers = Map.of();
        get("/api/session");
    }

    private Caller(Caller same, String token, Map<String, String> more) {
        base = same.base;
        cookies = same.cookies;
        http = same.http;
        otherToken = token;
        headers = more;
    }

    /** The same person, who sends a header with everything. */
    public Caller with(String header, String value) {
        return new Caller(this, otherToken, Map.of(header, value));
    }

    public Answer get(String path) {
        return call("GET", path, null, null);
    }

    public Answer post(String path, Object body) {
        return call("POST", path, body, null);
    }

    public Answer call(String method, String path, @Nullable Object body, @Nullable Integer version) {
        var request = request(
                method, path, body instanceof String raw ? raw : body == null ? "" : JSON.writeValueAsString(body));
        if (version != null) {
            request.header("If-Match", "\"" + version + "\"");
        }
        request.header("X-XSRF-TOKEN", token());
        // As the front end does: what changes something carries a key.
        if (!method.equals("GET") && !headers.containsKey(KEY)) {
            request.header(KEY, UUID.randomUUID().toString());
        }
        headers.forEach(request::header);
        return send(request.build());
    }

    /** An open line of server-sent events. */
    public Listening listening(String path) {
        try {
            var request = HttpRequest.newBuilder(URI.create(base + path)).GET().build();
            return new Listening(http.send(request, HttpResponse.BodyHandlers.ofInputStream()));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stop);
        }
    }

    /** What is heard on an open line. */
    public static final class Listening implements AutoCloseable {
        private final BufferedReader lines;

        private Listening(HttpResponse<InputStream> response) {
            lines = new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8));
        }

        /** The data of the next event; waits for it. */
        public JsonNode next() throws IOException {
            for (var line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("data:")) {
                    return JSON.readTree(line.substring("data:".length()));
                }
            }
            throw new IOException("The line was closed.");
        }

        @Override
        public void close() throws IOException {
            lines.close();
        }
    }

    /** A file as the body. */
    public Answer file(String path, byte[] body) {
        var request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/octet-stream")
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofByteArray(body));
        if (!headers.containsKey(KEY)) {
            request.header(KEY, UUID.randomUUID().toString());
        }
        headers.forEach(request::header);
        return send(request.build());
    }

    /** Without the token that a page of another site could not know. */
    public Answer forged(String method, String path, String body) {
        return send(request(method, path, body).build());
    }

    private HttpRequest.Builder request(String method, String path, String body) {
        return HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
    }

    /** The same browser, sending another CSRF token. */
    public Caller withToken(String token) {
        return new Caller(this, token, headers);
    }

    /** A cookie in the place of the one of that name. */
    public void cookie(String name, String value) {
        var store = cookies.getCookieStore();
        store.getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .toList()
                .forEach(c -> store.remove(URI.create(base), c));
        var cookie = new HttpCookie(name, value);
        cookie.setPath("/");
        cookie.setVersion(0);
        cookies.getCookieStore().add(URI.create(base), cookie);
    }

    /** What a browser sends of its own accord, as lines of a request's head. */
    public String browserHeaders() {
        var own = cookies.getCookieStore().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
        return "Cookie: " + own + "\r\nX-XSRF-TOKEN: " + token();
    }

    public String token() {
        if (!otherToken.isEmpty()) {
            return otherToken;
        }
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private Answer send(HttpRequest request) {
        try {
            var response = http.send(request, HttpResponse.BodyHandlers.ofString());
            var isJson =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(
                    response.statusCode(), response, isJson ? JSON.readTree(response.body()) : JSON.missingNode());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stop);
        }
    }

    public Caller signIn(String email, String password) {
        var answer = post("/api/session", Map.of("email", email, "password", password));
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.detail());
        }
        get("/api/session");
        return this;
    }
}
