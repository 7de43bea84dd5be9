package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import lowfield.database.Access;
import lowfield.database.Backup;
import lowfield.database.BackupKey;
import lowfield.database.Contents;
import lowfield.database.Migration;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;

/** Restoring and carrying over, killed with -9 at random moments: the data is the old or the new, each time whole. */
class KilledTest extends KilledCase {
    @Test
    void aRestoreThatIsKilledLeavesTheOldOrTheNew() throws Exception {
        try (var cluster = new TestCluster()) {
            TestCluster.fillWithThePast(cluster.owner);
            var file = folder.resolve("past.lowfield");
            Backup.write(cluster.owner, BackupKey.of(KEY.get("LOWFIELD_BACKUP_KEY")), file, Instant.now());
            var fresh = contents(cluster.owner);
            new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
            var old = contents(cluster.owner);
            var environment = Map.of(
                    "LOWFIELD_DB_URL",
                    cluster.url,
                    "LOWFIELD_DB_OWNER",
                    cluster.owner.user(),
                    "LOWFIELD_DB_OWNER_PASSWORD",
                    cluster.owner.password(),
                    "LOWFIELD_BACKUP_KEY",
                    KEY.get("LOWFIELD_BACKUP_KEY"));
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
                var began = System.nanoTime();
                var restoring = start(environment, command);
                if (restoring.waitFor(moment(time, took), TimeUnit.NANOSECONDS)) {
                    // The first one starts cold: what a later one takes bounds the moments drawn from now on.
                    took = Math.min(took, System.nanoTime() - began);
                }
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
                .atMost(java.time.Duration.ofMinutes(4))
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
}
