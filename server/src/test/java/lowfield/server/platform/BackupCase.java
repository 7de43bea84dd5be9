package lowfield.server.platform;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import lowfield.database.Access;
import lowfield.database.Contents;
import lowfield.database.Migration;
import lowfield.database.Restore;
import lowfield.server.kit.Stage;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A desk in a database of its own and one file for its backup. */
abstract class BackupCase {
    static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    static final AtomicInteger NEXT = new AtomicInteger();

    @TempDir
    Path folder;

    final TestCluster cluster = Stage.open().cluster;
    final List<String> databases = new ArrayList<>();
    Access desk;
    Path file;

    @BeforeEach
    void makeADesk() {
        desk = database();
        migrate(desk);
        person(desk, "Ines Vollan");
        file = folder.resolve("desk.lowfield");
    }

    @AfterEach
    void dropDatabases() {
        databases.forEach(cluster::drop);
    }

    Access database() {
        var name = "backup_test_" + NEXT.incrementAndGet();
        databases.add(name);
        return cluster.database(name);
    }

    void migrate(Access access) {
        new Migration(access, cluster.server.user(), Optional.empty()).run(NOW);
    }

    static void person(Access access, String name) {
        TestCluster.execute(
                access,
                "insert into account (email, name, password_hash, role, created_at) values ('%s@tidewater.example', '%s', 'x', 'owner', now())"
                        .formatted(name.replace(' ', '.'), name));
    }

    static Contents contents(Access access) {
        try (var connection = access.open()) {
            return Contents.of(connection);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    String restore(Access into, String replace, boolean sure) {
        return new Restore(
                        into,
                        file,
                        Optional.of(replace).filter(r -> !r.isEmpty()),
                        question -> sure,
                        Optional.empty(),
                        NOW)
                .run();
    }
}
