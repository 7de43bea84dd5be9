package lowfield.measure;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import lowfield.measure.floor.FloorApplication;

/** The floor as a process of its own, beside the product, on the same database. */
final class FloorServer implements AutoCloseable {
    private static final int START_SECONDS = 120;

    private final Process process;
    private final Path files;
    private final String base;

    private FloorServer(Process process, Path files, String base) {
        this.process = process;
        this.files = files;
        this.base = base;
    }

    static FloorServer start() throws IOException, InterruptedException {
        var files = Files.createTempDirectory("lowfield-files");
        var port = freePort();
        var builder = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseSerialGC",
                        "-Xmx1g",
                        "-cp",
                        System.getProperty("java.class.path"),
                        FloorApplication.class.getName(),
                        "--lowfield.files=" + files))
                .redirectErrorStream(true)
                .redirectOutput(new File(files.toFile(), "floor.log"));
        builder.environment()
                .putAll(Map.of(
                        "LOWFIELD_PORT",
                        String.valueOf(port),
                        "LOWFIELD_READER_PORT",
                        String.valueOf(freePort()),
                        "LOWFIELD_DEMO",
                        "false",
                        "LOWFIELD_LOG",
                        ""));
        var floor = new FloorServer(builder.start(), files, "http://127.0.0.1:" + port);
        floor.awaitReady();
        return floor;
    }

    private void awaitReady() throws IOException, InterruptedException {
        for (int i = 0; i < START_SECONDS * 5; i++) {
            try {
                new Client(base).get("/actuator/health/readiness");
                return;
            } catch (IOException | IllegalStateException notYet) {
                if (process.waitFor(200, TimeUnit.MILLISECONDS)) {
                    break;
                }
            }
        }
        throw new IllegalStateException("The floor did not start:\n" + Files.readString(files.resolve("floor.log")));
    }

    String base() {
        return base;
    }

    /** A folder whose files are served under {@code /files/}. */
    Path files() {
        return files;
    }

    @Override
    public void close() throws IOException {
        process.destroy();
        try (var all = Files.list(files)) {
            all.forEach(f -> f.toFile().delete());
        }
        Files.deleteIfExists(files);
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
