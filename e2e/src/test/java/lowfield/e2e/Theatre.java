package lowfield.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import org.awaitility.Awaitility;

/** Database, market and server as programs of their own, on free ports, for one journey; with or without the demo's world. */
final class Theatre implements AutoCloseable {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    /** The demo's world as the first journey that wanted it loaded it, for the others, and for later runs while nothing of what makes it changes. */
    private static final Path WORLD =
            Path.of("target", "demo-world-" + WorldMark.of(ROOT)).toAbsolutePath();
    /** What the server loads at its start, kept by the first one that ends for those after it. */
    private static final Path LOADED =
            Path.of("target", "programs", "server.jsa").toAbsolutePath();

    private final Path folder;
    private final List<Process> programs = new ArrayList<>();
    final int port = freePort();
    final int readerPort = freePort();
    private final int market = freePort();

    Theatre(boolean demo) throws IOException {
        folder = Files.createTempDirectory("lowfield-journey");
        cluster("scratch");
        if (!demo) {
            play(false);
            return;
        }
        // Journeys may run side by side: whoever comes while the world is being loaded waits for it.
        try (var lock = FileChannel.open(
                WORLD.resolveSibling("demo-world.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            lock.lock();
            if (Files.exists(WORLD)) {
                cluster("fill", WORLD.toString());
            } else {
                play(true);
                cluster("save", WORLD.toString());
                return;
            }
        }
        play(true);
    }

    /** Starts market and server on the cluster as it is, and waits until they answer. */
    private void play(boolean demo) throws IOException {
        var database = database();
        start("market", Map.of(), jar("market"), "-Xshare:auto", String.valueOf(market));
        var at = "@127.0.0.1:" + market;
        var settings = new HashMap<>(Map.of(
                "LOWFIELD_DB_URL",
                database.getProperty("cluster.url"),
                "LOWFIELD_DB_USER",
                database.getProperty("cluster.server"),
                "LOWFIELD_DB_PASSWORD",
                database.getProperty("cluster.server.password"),
                "LOWFIELD_PORT",
                String.valueOf(port),
                "LOWFIELD_READER_PORT",
                String.valueOf(readerPort),
                "LOWFIELD_READER_RATE",
                "0",
                "LOWFIELD_LOCAL_SHOPS",
                "ferrowby.example" + at + ",quillmarket.example" + at + ",turnstone.example" + at + ",millrace.example"
                        + at));
        if (demo) {
            settings.putAll(Map.of("LOWFIELD_DEMO", "true", "LOWFIELD_DEMO_MARKET", "http://127.0.0.1:" + market));
        }
        start(
                "server",
                settings,
                server(),
                Files.exists(LOADED)
                        ? "-XX:SharedArchiveFile=" + LOADED
                        : "-XX:ArchiveClassesAtExit=" + folder.resolve("server.jsa"));
        awaitReady();
    }

    String desk() {
        return "http://127.0.0.1:" + port;
    }

    String readers() {
        return "http://127.0.0.1:" + readerPort;
    }

    /** What the roles of the database are; it is brought to this version first, as {@code ./lowfield} does. */
    private Properties database() throws IOException {
        var roles = new Properties();
        try (var in = Files.newInputStream(folder.resolve("cluster"))) {
            roles.load(in);
        }
        program("lowfield.database.Console", roles, "migrate");
        return roles;
    }

    /** What one of the server's console programs prints. */
    private String program(String name, Properties roles, String... words) throws IOException {
        var command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                server().toString(),
                name));
        command.addAll(List.of(words));
        var builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment()
                .putAll(Map.of(
                        "LOWFIELD_DB_URL", roles.getProperty("cluster.url"),
                        "LOWFIELD_DB_USER", roles.getProperty("cluster.server"),
                        "LOWFIELD_DB_PASSWORD", roles.getProperty("cluster.server.password"),
                        "LOWFIELD_DB_OWNER", roles.getProperty("cluster.owner"),
                        "LOWFIELD_DB_OWNER_PASSWORD", roles.getProperty("cluster.owner.password")));
        try (var out = builder.start().getInputStream()) {
            return new String(out.readAllBytes(), StandardCharsets.UTF_8).strip();
        }
    }

    /** The one-time token of the first account. */
    String token() throws IOException {
        return program("lowfield.server.accounts.LinkConsole", database(), "first")
                .replaceFirst("^One-time token for the first account: ", "");
    }

    /** What the market answers. */
    String market(String control) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + market + "/control/" + control))
                                .PUT(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** A day or a month goes by at the market and, in the demo, at the desk, which says so in its log. */
    void goBy(String period) throws IOException, InterruptedException {
        var day = market("clock?on=" + period).strip();
        Awaitility.await()
                .atMost(Duration.ofMinutes(1))
                .until(() -> Files.readString(folder.resolve("server.log")).contains("The market moved on to " + day));
    }

    /** Unpacked, with its libraries beside it. */
    static Path server() {
        return jar(Path.of("target", "programs", "server").toAbsolutePath());
    }

    private static Path jar(String module) {
        return jar(ROOT.resolve(module).resolve("target"));
    }

    private static Path jar(Path folder) {
        var target = folder.toFile();
        return Arrays.stream(target.listFiles((dir, name) -> name.endsWith("-app.jar")))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Nothing is built in " + folder))
                .toPath();
    }

    private void start(String name, Map<String, String> settings, Path jar, String sharing, String... arguments)
            throws IOException {
        var command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                sharing,
                "-jar",
                jar.toString()));
        command.addAll(List.of(arguments));
        var builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve(name + ".log").toFile());
        builder.environment().putAll(settings);
        programs.add(builder.start());
    }

    private void awaitReady() throws IOException {
        var client = HttpClient.newHttpClient();
        var ready = HttpRequest.newBuilder(URI.create(desk() + "/actuator/health/readiness"))
                .build();
        var end = Instant.now().plus(Duration.ofSeconds(400));
        while (Instant.now().isBefore(end) && programs.stream().allMatch(Process::isAlive)) {
            try {
                if (client.send(ready, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
                    return;
                }
                programs.get(1).waitFor(200, TimeUnit.MILLISECONDS);
            } catch (IOException notYet) {
                pause();
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
            }
        }
        throw new IllegalStateException("The server did not start:\n" + Files.readString(folder.resolve("server.log")));
    }

    private void pause() {
        try {
            programs.get(1).waitFor(200, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private void cluster(String what, String... more) throws IOException {
        var command = new ArrayList<>(List.of(
                ROOT.resolve("db/cluster").toString(),
                what,
                folder.resolve("cluster").toString()));
        command.addAll(List.of(more));
        try {
            if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
                throw new IllegalStateException("db/cluster " + what + " failed");
            }
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() throws IOException {
        for (var program : programs) {
            program.destroy();
            try {
                program.waitFor(15, TimeUnit.SECONDS);
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
            }
        }
        keepLoaded();
        cluster("discard");
        try (var files = Files.walk(folder)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(f -> f.toFile().delete());
        }
    }

    private void keepLoaded() throws IOException {
        var written = folder.resolve("server.jsa");
        if (Files.exists(written) && !Files.exists(LOADED)) {
            var beside = Files.createTempFile(LOADED.getParent(), "server", ".jsa");
            Files.move(written, beside, StandardCopyOption.REPLACE_EXISTING);
            Files.move(beside, LOADED, StandardCopyOption.ATOMIC_MOVE);
        }
    }

    private static int freePort() {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }
}
