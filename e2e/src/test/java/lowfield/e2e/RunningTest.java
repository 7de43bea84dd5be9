package lowfield.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The one command as whoever runs a desk uses it: start, back up, lose everything, restore, move the checkout. */
class RunningTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private Path folder;
    private Path checkout;
    private int port;

    @BeforeEach
    void copyTheCheckout() throws Exception {
        folder = Files.createTempDirectory("lowfield-running");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        checkout = folder.resolve("checkout");
        Files.createDirectories(checkout.resolve("db"));
        Files.copy(
                ROOT.resolve("lowfield"),
                checkout.resolve("lowfield"),
                java.nio.file.StandardCopyOption.COPY_ATTRIBUTES);
        Files.copy(
                ROOT.resolve("db/cluster"),
                checkout.resolve("db/cluster"),
                java.nio.file.StandardCopyOption.COPY_ATTRIBUTES);
        assertThat(new ProcessBuilder(
                                "cp",
                                "-r",
                                "--parents",
                                "server",
                                Files.createDirectories(folder.resolve("app")).toString())
                        .directory(Theatre.server().getParent().getParent().toFile())
                        .start()
                        .waitFor())
                .isZero();
        try (var socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
    }

    @AfterEach
    void stop() throws Exception {
        said("stop");
        new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor();
    }

    private ProcessBuilder command(String... words) {
        var command = new ArrayList<>(List.of(checkout.resolve("lowfield").toString()));
        command.addAll(List.of(words));
        var builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment()
                .putAll(Map.of(
                        "LOWFIELD_APP", folder.resolve("app").toString(),
                        "LOWFIELD_DATA", folder.resolve("data").toString(),
                        "LOWFIELD_PORT", String.valueOf(port),
                        "LOWFIELD_READER_PORT", String.valueOf(port + 1)));
        return builder;
    }

    private String said(String... words) throws Exception {
        return answered("", words);
    }

    /** What a command says to whoever types these answers. */
    private String answered(String answers, String... words) throws Exception {
        var process = command(words).start();
        try (var typed = process.getOutputStream()) {
            typed.write(answers.getBytes(StandardCharsets.UTF_8));
        }
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }

    /** Starts the desk; what it says until it is up. */
    private String start() throws IOException {
        var lines = new StringBuilder();
        var reader = new BufferedReader(
                new java.io.InputStreamReader(command("start").start().getInputStream(), StandardCharsets.UTF_8));
        for (var line = reader.readLine(); line != null; line = reader.readLine()) {
            lines.append(line).append('\n');
            if (line.startsWith("Ctrl-C")) {
                return lines.toString();
            }
        }
        throw new IllegalStateException("The desk did not start:\n" + lines);
    }

    private int post(String path, String json) throws Exception {
        var cookies = new CookieManager();
        var http = HttpClient.newBuilder().cookieHandler(cookies).build();
        var base = "http://127.0.0.1:" + port;
        http.send(
                HttpRequest.newBuilder(URI.create(base + "/api/session")).build(),
                HttpResponse.BodyHandlers.discarding());
        var token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        return http.send(
                        HttpRequest.newBuilder(URI.create(base + path))
                                .header("Content-Type", "application/json")
                                .header("X-XSRF-TOKEN", token)
                                .POST(HttpRequest.BodyPublishers.ofString(json))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    private int signIn() throws Exception {
        return post("/api/session", "{\"email\":\"ines@tidewater.example\",\"password\":\"harbour-lights\"}");
    }

    @Test
    void aDeskIsStartedLostRestoredAndMoved() throws Exception {
        var started = start();
        var token =
                Pattern.compile("One-time token for the first account: (\\S+)").matcher(started);
        assertThat(token.find()).as(started).isTrue();
        assertThat(post(
                        "/api/accounts/first",
                        "{\"token\":\"%s\",\"email\":\"ines@tidewater.example\",\"name\":\"Ines Vollan\",\"password\":\"harbour-lights\"}"
                                .formatted(token.group(1))))
                .isEqualTo(200);
        leastRights();
        nobodyElseReads(token.group(1));

        var link = said("recover", "Ines Vollan");
        assertThat(link).contains("/link#");
        assertThat(said("recover", "Nobody")).contains("No owner is called \"Nobody\"", "ines@tidewater.example");

        var file = folder.resolve("desk.lowfield").toString();
        assertThat(said("backup", file)).contains("Backed up: desk-");
        assertThat(said("verify", file)).contains("Whole: desk-", "This desk made it.", "Documents rendered:");
        assertThat(said("restore", file)).contains("server is running");
        said("stop");
        assertThat(said("restore", file)).as("nobody says yes").contains("Nothing was changed");
        new ProcessBuilder("rm", "-rf", folder.resolve("data").toString())
                .start()
                .waitFor();
        assertThat(said("restore", file)).as("with the folder its key is gone").contains("add: --trust");
        assertThat(answered("yes\nno\n", "restore", file, "--trust")).contains("Nothing was changed");
        assertThat(answered("yes\nyes\n", "restore", file, "--trust")).contains("Restored desk-");
        start();
        assertThat(signIn()).isEqualTo(200);

        said("stop");
        var moved = folder.resolve("moved");
        Files.move(checkout, moved);
        checkout = moved;
        var log = folder.resolve("data/desk/logs/console.log");
        Files.delete(log);
        Files.writeString(log, "as versions before left it, the caller's own");
        assertThat(start()).as("no empty desk").doesNotContain("One-time token");
        assertThat(signIn()).isEqualTo(200);
        said("stop");
        aPlantedLinkLeadsNowhere(log);
    }

    /** Whoever may write in the log folder makes root write nowhere else. */
    private void aPlantedLinkLeadsNowhere(Path log) throws Exception {
        if (!System.getProperty("user.name").equals("root")) {
            return;
        }
        var precious = Files.writeString(folder.resolve("precious"), "untouched");
        Files.delete(log);
        Files.createSymbolicLink(log, precious);
        assertThat(new ProcessBuilder("chown", "-h", "lowfield:lowfield", log.toString())
                        .start()
                        .waitFor())
                .isZero();
        assertThat(said("start")).contains("The server did not start");
        assertThat(precious).hasContent("untouched");
    }

    /** As root, neither server nor database is root's; as anybody else, both are theirs. */
    private void leastRights() throws Exception {
        var server =
                Files.readString(folder.resolve("data/desk/run/server.pid")).strip();
        var owner = Files.getOwner(Path.of("/proc", server)).getName();
        var me = System.getProperty("user.name");
        assertThat(owner).isEqualTo(me.equals("root") ? "lowfield" : me);
        var environment = Files.readString(Path.of("/proc", server, "environ"), StandardCharsets.ISO_8859_1);
        assertThat(environment).contains("LOWFIELD_DB_PASSWORD").doesNotContain("OWNER");
        for (var closed : List.of("cluster", "logs", "run", "backups", "cache", "exchange")) {
            assertThat(PosixFilePermissions.toString(
                            Files.getPosixFilePermissions(folder.resolve("data/desk/" + closed))))
                    .as(closed)
                    .isEqualTo("rwx------");
        }
        if (me.equals("root")) {
            assertThat(new ProcessBuilder(
                                    "setpriv",
                                    "--reuid=lowfield",
                                    "--regid=lowfield",
                                    "--clear-groups",
                                    "cat",
                                    folder.resolve("data/desk/cluster/passwords/owner")
                                            .toString())
                            .start()
                            .waitFor())
                    .as("the server's account reads the owner's password")
                    .isNotZero();
        }
    }

    /** The token went to the console, and to no log. */
    private void nobodyElseReads(String token) throws IOException {
        try (var logs = Files.walk(folder.resolve("data/desk/logs"))) {
            for (var log : logs.filter(Files::isRegularFile).toList()) {
                assertThat(Files.readString(log)).doesNotContain(token);
            }
        }
    }
}
