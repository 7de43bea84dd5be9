package lowfield.server.platform;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lowfield.database.Access;
import lowfield.database.BackupKey;
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
    static final BackupKey KEY = BackupKey.of("0123456789abcdef".repeat(4));
    private static final String PATTERN = "backup_pattern";
    private static final AtomicBoolean PATTERN_IS_MADE = new AtomicBoolean();
    static final AtomicInteger NEXT = new AtomicInteger();

    @TempDir
    Path folder;

    final TestCluster cluster = Stage.open().cluster;
    final List<String> databases = new ArrayList<>();
    Access desk;
    Path file;

    @BeforeEach
    void makeADesk() {
        desk = migrated();
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

    /** An empty desk of this version, from a pattern that is made once. */
    private Access migrated() {
        if (PATTERN_IS_MADE.compareAndSet(false, true)) {
            migrate(cluster.database(PATTERN));
        }
        var name = "backup_test_" + NEXT.incrementAndGet();
        databases.add(name);
        return cluster.copy(PATTERN, name);
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
        return restore(into, KEY, new Restore.Answers(named(replace), Optional.empty(), question -> sure));
    }

    /** Without a mark of the desk, by somebody who says that they trust it. */
    String trust(Access into) {
        return restore(
                into, KEY, new Restore.Answers(Optional.empty(), Optional.of(question -> true), question -> true));
    }

    String restore(Access into, BackupKey key, Restore.Answers answers) {
        return new Restore(into, key, file, answers, Optional.empty(), NOW).run();
    }

    static Optional<String> named(String replace) {
        return Optional.of(replace).filter(r -> !r.isEmpty());
    }

    /** Writes the file once more with another manifest, and another dump; the mark stays what it was. */
    void alter(UnaryOperator<String> manifest, UnaryOperator<byte[]> dump) throws IOException {
        var altered = folder.resolve("altered");
        try (var in = new ZipInputStream(Files.newInputStream(file));
                var out = new ZipOutputStream(Files.newOutputStream(altered))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                var bytes = in.readAllBytes();
                out.write(
                        switch (entry.getName()) {
                            case "manifest.json" ->
                                manifest.apply(new String(bytes, StandardCharsets.UTF_8))
                                        .getBytes(StandardCharsets.UTF_8);
                            case "database.dump" -> dump.apply(bytes);
                            default -> bytes;
                        });
                out.closeEntry();
            }
        }
        Files.move(altered, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }
}
