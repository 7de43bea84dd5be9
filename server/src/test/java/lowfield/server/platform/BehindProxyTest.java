package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import lowfield.database.Migration;
import lowfield.server.LowfieldApplication;
import lowfield.server.kit.Stage;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A server behind a proxy that ends TLS, beside one that stands alone. */
class BehindProxyTest {
    private static final String NAME = "proxy_test";
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private static ConfigurableApplicationContext behind;
    private static int port;
    private static int readerPort;

    @BeforeAll
    static void start() throws IOException {
        // A database of its own: servers on one database share their jobs.
        var cluster = Stage.open().cluster;
        var own = cluster.database(NAME);
        new Migration(own, cluster.server.user(), Optional.empty()).run(Instant.now());
        port = freePort();
        readerPort = freePort();
        behind = SpringApplication.run(
                LowfieldApplication.class,
                "--spring.datasource.url=" + own.url(),
                "--spring.datasource.username=" + cluster.server.user(),
                "--spring.datasource.password=" + cluster.server.password(),
                "--spring.datasource.hikari.maximum-pool-size=4",
                "--server.port=" + port,
                "--lowfield.reader-port=" + readerPort,
                "--lowfield.secure-cookies=true",
                "--lowfield.proxies=127.0.0.1");
    }

    @AfterAll
    static void stop() {
        behind.close();
        Stage.open().cluster.drop(NAME);
    }

    @BeforeEach
    @AfterEach
    void forgetWhatWasTried() {
        Stage.open().bean(DSLContext.class).execute("delete from sign_in_throttle");
        behind.getBean(DSLContext.class).execute("delete from sign_in_throttle");
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static HttpResponse<String> get(int at, String from) throws Exception {
        return HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/api/session"))
                        .header("X-Forwarded-For", from)
                        .header("X-Forwarded-Proto", "https")
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static int guess(int at, String from, String email) throws Exception {
        var cookies = get(at, from).headers().allValues("Set-Cookie");
        var token = cookies.stream()
                .filter(c -> c.contains("XSRF-TOKEN="))
                .findFirst()
                .orElseThrow()
                .split(";")[0];
        return HTTP.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/api/session"))
                                .header("X-Forwarded-For", from)
                                .header("X-Forwarded-Proto", "https")
                                .header("Content-Type", "application/json")
                                .header("Cookie", token)
                                .header("X-XSRF-TOKEN", token.substring(token.indexOf('=') + 1))
                                .POST(HttpRequest.BodyPublishers.ofString(
                                        "{\"email\":\"%s\",\"password\":\"wrong\"}".formatted(email)))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    @Test
    void cookiesAreSecureAndBoundToTheHostAndBrowsersKeepToTls() throws Exception {
        var answer = get(port, "203.0.113.9");
        assertThat(answer.headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allMatch(c -> c.startsWith("__Host-")
                        && c.contains("Secure")
                        && c.contains("Path=/")
                        && c.contains("SameSite=Strict")
                        && !c.contains("Domain"));
        for (var site : List.of(answer, get(readerPort, "203.0.113.9"))) {
            assertThat(site.headers().firstValue("Strict-Transport-Security").orElse(""))
                    .startsWith("max-age=");
        }
    }

    /** Twenty failures from one network are its bound; by the proxy's word each of these comes from another. */
    @Test
    void whoAsksIsBelievedFromTheProxyThatIsNamed() throws Exception {
        for (int i = 0; i < 22; i++) {
            assertThat(guess(port, "198.51." + i + ".7", "nobody" + i + "@tidewater.example"))
                    .isEqualTo(422);
        }
    }

    @Test
    void whoAsksIsNotBelievedFromAnybodyElse() throws Exception {
        var alone = Stage.open().port;
        var statuses = new java.util.ArrayList<Integer>();
        for (int i = 0; i < 22; i++) {
            statuses.add(guess(alone, "198.51." + i + ".7", "nobody" + i + "@tidewater.example"));
        }
        assertThat(statuses.subList(0, 20)).containsOnly(422);
        assertThat(statuses.subList(20, 22)).isEqualTo(List.of(429, 429));
        assertThat(get(alone, "203.0.113.9").headers().firstValue("Strict-Transport-Security"))
                .as("no TLS, whatever a stranger says")
                .isEmpty();
    }
}
