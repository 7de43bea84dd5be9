package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import lowfield.database.Access;
import lowfield.database.Backup;
import lowfield.database.Console;
import lowfield.database.Contents;
import lowfield.database.Migration;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Restoring and carrying over, killed with -9 at ten random moments: the data is the old or the new, each time whole. */
class KilledTest {
    private static final int TIMES = 10;
    private static final long SEED = 20261203;

    private final Random random = new Random(SEED);
    private Path folder;

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

    private static List<String> console() {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                Console.class.getName());
    }

    /** Starts something as the head of a group of its own, so that all of it can be killed at once. */
    private Process start(Map<String, String> environment, List<String> command) throws IOException {
        var all = new ArrayList<>(List.of("setsid", "--wait"));
        all.addAll(command);
        var builder =
                new ProcessBuilder(all).redirectErrorStream(true).redirectOutput(new File(folder.toFile(), "said"));
        builder.environment().putAll(environment);
        return builder.start();
    }

    private static void kill(Process process) throws IOException, InterruptedException {
        for (var one : Stream.concat(process.toHandle().descendants(), Stream.of(process.toHandle()))
                .toList()) {
            new ProcessBuilder("kill", "-9", String.valueOf(one.pid()))
                    .redirectErrorStream(true)
                    .start()
                    .waitFor();
        }
        process.waitFor();
    }

    private String said() throws IOException {
        return Files.readString(folder.resolve("said"), StandardCharsets.UTF_8);
    }

    private static Contents contents(Access access) throws SQLException {
        try (var connection = access.open()) {
            return Contents.of(connection);
        }
    }

    @Test
    void aRestoreThatIsKilledLeavesTheOldOrTheNew() throws Exception {
        try (var cluster = new TestCluster()) {
            TestCluster.fillWithThePast(cluster.owner);
            var file = folder.resolve("past.lowfield");
            Backup.write(cluster.owner, file, Instant.now());
            var fresh = contents(cluster.owner);
            new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
            var old = contents(cluster.owner);
            var environment = Map.of(
                    "LOWFIELD_DB_URL",
                    cluster.url,
                    "LOWFIELD_DB_OWNER",
                    cluster.owner.user(),
                    "LOWFIELD_DB_OWNER_PASSWORD",
                    cluster.owner.password());
            var command = new ArrayList<>(console());
            command.addAll(List.of(
                    "restore",
                    file.toString(),
                    "--yes",
                    "--replace",
                    TestCluster.single(cluster.owner, "select name from desk")));
            var took = System.nanoTime();
            assertThat(start(environment, command).waitFor()).as(said()).isZero();
            took = System.nanoTime() - took;
            assertThat(contents(cluster.owner)).isEqualTo(fresh);
            new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
            old = contents(cluster.owner);
            var interrupted = 0;
            for (int time = 0; time < TIMES; time++) {
                command.set(command.size() - 1, TestCluster.single(cluster.owner, "select name from desk"));
                var restoring = start(environment, command);
                restoring.waitFor((long) (random.nextDouble() * took), TimeUnit.NANOSECONDS);
                kill(restoring);
                if (time % 2 == 1) {
                    crash(cluster);
                }
                var now = awaited(cluster.owner);
                assertThat(now).isIn(old, fresh);
                if (now.equals(fresh)) {
                    new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
                    old = contents(cluster.owner);
                } else {
                    interrupted++;
                }
            }
            assertThat(interrupted).as("killed before it was through").isPositive();
        }
    }

    /** Whatever the killed program had begun is undone by the database once it notices. */
    private static Contents awaited(Access access) throws Exception {
        org.awaitility.Awaitility.await()
                .atMost(java.time.Duration.ofSeconds(60))
                .until(() -> TestCluster.single(
                                access,
                                "select count(*) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()")
                        .equals("0"));
        return contents(access);
    }

    private static void crash(TestCluster cluster) throws Exception {
        var postmaster = Files.readAllLines(cluster.folder().resolve("data/postmaster.pid"))
                .get(0);
        new ProcessBuilder("kill", "-9", postmaster).start().waitFor();
        cluster.does("resume");
    }

    @Test
    void aCarryOverThatIsKilledIsDoneByTheNextStart() throws Exception {
        var former = former();
        var command = new ArrayList<>(List.of(
                TestCluster.SCRIPT.toString(),
                "carry-over",
                former.toString(),
                folder.resolve("cluster").toString()));
        command.addAll(console());
        var before = contentsOfFormer(former);
        var took = System.nanoTime();
        assertThat(start(Map.of(), command).waitFor()).as(said()).isZero();
        took = System.nanoTime() - took;
        assertThat(contentsOfNew()).isEqualTo(before);
        discardNew();
        for (int time = 0; time < TIMES; time++) {
            var carrying = start(Map.of(), command);
            carrying.waitFor((long) (random.nextDouble() * took), TimeUnit.NANOSECONDS);
            kill(carrying);
            // What is there under its name is whole, and else the former data still is.
            if (holds(folder.resolve("cluster"))) {
                assertThat(contentsOfNew()).isEqualTo(before);
                discardNew();
            } else {
                assertThat(contentsOfFormer(former)).isEqualTo(before);
            }
        }
        // The next start clears away what the last killed one left, and gets through.
        assertThat(start(Map.of(), command).waitFor()).as(said()).isZero();
        assertThat(contentsOfNew()).isEqualTo(before);
        discardNew();
    }

    private static boolean holds(Path cluster) throws Exception {
        return new ProcessBuilder(TestCluster.SCRIPT.toString(), "holds", cluster.toString())
                        .start()
                        .waitFor()
                == 0;
    }

    private void discardNew() throws Exception {
        TestCluster.run(List.of(
                TestCluster.SCRIPT.toString(), "stop", folder.resolve("cluster").toString()));
        new ProcessBuilder("rm", "-rf", folder.resolve("cluster").toString())
                .start()
                .waitFor();
    }

    private Contents contentsOfNew() throws Exception {
        var cluster = folder.resolve("cluster").toString();
        TestCluster.run(List.of(TestCluster.SCRIPT.toString(), "start", cluster));
        return contents(new Access(
                "jdbc:postgresql://127.0.0.1:" + said("cat", cluster + "/port") + "/lowfield",
                "lowfield_owner",
                said(TestCluster.SCRIPT.toString(), "password", cluster, "owner")));
    }

    private static String said(String... command) throws Exception {
        var process = new ProcessBuilder(command).start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    }

    /** A cluster as versions before 013 made it: one superuser with a known password, filled with the kept dump. */
    private Path former() throws Exception {
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

    private static Contents contentsOfFormer(Path former) throws Exception {
        TestCluster.run(List.of(TestCluster.SCRIPT.toString(), "stop", former.toString()));
        startFormer(former);
        return contents(new Access(
                "jdbc:postgresql://127.0.0.1:" + said("cat", former + "/port") + "/lowfield", "lowfield", "lowfield"));
    }

    private static void startFormer(Path former) {
        TestCluster.run(List.of(
                "bash",
                "-c",
                "\"$1\" start-former \"$2\" > /dev/null",
                "former",
                TestCluster.SCRIPT.toString(),
                former.toString()));
    }
}
