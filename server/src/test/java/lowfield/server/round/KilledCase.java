package lowfield.server.round;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import lowfield.database.Access;
import lowfield.database.Console;
import lowfield.database.Contents;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Starts commands in a folder of their own and kills them at drawn moments. */
abstract class KilledCase {
    /** Ten under the profile {@code soak}. */
    static final int TIMES = Integer.getInteger("lowfield.killed", 2);

    static final long SEED = 20261203;
    final Random random = new Random(SEED);
    Path folder;

    /** A moment drawn from a stretch of its own of what the whole takes, so that few kills, too, are early and late ones. */
    long moment(int time, long took) {
        return (long) ((time + random.nextDouble()) / TIMES * took);
    }

    @BeforeEach
    void makeFolder() throws IOException {
        // In memory where that can be: how long a disk takes is not what is tested.
        var memory = Path.of("/dev/shm");
        var place = Files.isWritable(memory) ? memory : Path.of(System.getProperty("java.io.tmpdir"));
        folder = Files.createTempDirectory(place, "lowfield-pg.killed");
        // PostgreSQL's own account has to pass.
        Files.setPosixFilePermissions(folder, java.nio.file.attribute.PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    @AfterEach
    void removeFolder() throws IOException, InterruptedException {
        for (var cluster : List.of("former", "cluster", "cluster.new")) {
            TestCluster.run(List.of(
                    TestCluster.SCRIPT.toString(),
                    "stop",
                    folder.resolve(cluster).toString()));
        }
        new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor();
    }

    /** What the console is told of the desk's own backups. */
    static final Map<String, String> KEY = Map.of("LOWFIELD_BACKUP_KEY", "0123456789abcdef".repeat(4));

    static List<String> console() {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                Console.class.getName());
    }

    /** Starts something as the head of a group of its own, so that all of it can be killed at once. */
    Process start(Map<String, String> environment, List<String> command) throws IOException {
        var all = new ArrayList<>(List.of("setsid", "--wait"));
        all.addAll(command);
        var builder =
                new ProcessBuilder(all).redirectErrorStream(true).redirectOutput(new File(folder.toFile(), "said"));
        builder.environment().putAll(environment);
        return builder.start();
    }

    static void kill(Process process) throws IOException, InterruptedException {
        for (var one : Stream.concat(process.toHandle().descendants(), Stream.of(process.toHandle()))
                .toList()) {
            new ProcessBuilder("kill", "-9", String.valueOf(one.pid()))
                    .redirectErrorStream(true)
                    .start()
                    .waitFor();
        }
        process.waitFor();
    }

    String said() throws IOException {
        return Files.readString(folder.resolve("said"), StandardCharsets.UTF_8);
    }

    static Contents contents(Access access) throws SQLException {
        try (var connection = access.open()) {
            return Contents.of(connection);
        }
    }

    static String said(String... command) throws Exception {
        var process = new ProcessBuilder(command).start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    }

    /** A cluster as versions before 013 made it: one superuser with a known password, filled with the kept dump. */
    Path former() throws Exception {
        var former = folder.resolve("former");
        TestCluster.run(List.of("bash", "-c", """
                set -e
                bin=$(ls -d /usr/lib/postgresql/*/bin | tail -n 1); mkdir -p "$1"; chmod 700 "$1"
                run() { "$@"; }
                if [ "$(id -u)" = 0 ]; then chown postgres "$1"; run() { (cd / && setpriv --reuid=postgres --regid=postgres --init-groups -- "$@"); }; fi
                run sh -c "printf lowfield > '$1/.first'"
                run "$bin/initdb" -D "$1/data" -U lowfield --pwfile="$1/.first" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 --no-sync >/dev/null
                """, "former", former.toString()));
        startFormer(former);
        var port = said("cat", former + "/port");
        var template = new Access("jdbc:postgresql://127.0.0.1:" + port + "/postgres", "lowfield", "lowfield");
        TestCluster.execute(template, "create database lowfield");
        TestCluster.fillWithThePast(
                new Access("jdbc:postgresql://127.0.0.1:" + port + "/lowfield", "lowfield", "lowfield"));
        return former;
    }

    static void startFormer(Path former) {
        TestCluster.run(List.of(
                "bash",
                "-c",
                "\"$1\" start-former \"$2\" > /dev/null",
                "former",
                TestCluster.SCRIPT.toString(),
                former.toString()));
    }
}
