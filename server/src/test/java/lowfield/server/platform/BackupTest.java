package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lowfield.database.Access;
import lowfield.database.Backup;
import lowfield.database.BackupFolder;
import lowfield.database.Console;
import lowfield.database.Contents;
import lowfield.database.Migration;
import lowfield.database.Refusal;
import lowfield.database.Restore;
import lowfield.server.kit.Stage;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Backups and what becomes of them: they come back whole, or are refused with a sentence and change nothing. */
class BackupTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final AtomicInteger NEXT = new AtomicInteger();

    @TempDir
    private Path folder;

    private final TestCluster cluster = Stage.open().cluster;
    private final List<String> databases = new ArrayList<>();
    private Access desk;
    private Path file;

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

    private Access database() {
        var name = "backup_test_" + NEXT.incrementAndGet();
        databases.add(name);
        return cluster.database(name);
    }

    private void migrate(Access access) {
        new Migration(access, cluster.server.user(), Optional.empty()).run(NOW);
    }

    private static void person(Access access, String name) {
        TestCluster.execute(
                access,
                "insert into account (email, name, password_hash, role, created_at) values ('%s@tidewater.example', '%s', 'x', 'owner', now())"
                        .formatted(name.replace(' ', '.'), name));
    }

    private static Contents contents(Access access) {
        try (var connection = access.open()) {
            return Contents.of(connection);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private String restore(Access into, String replace, boolean sure) {
        return new Restore(
                        into,
                        file,
                        Optional.of(replace).filter(r -> !r.isEmpty()),
                        question -> sure,
                        Optional.empty(),
                        NOW)
                .run();
    }

    @Test
    void aBackupOfThePastComesBackWholeInAnEmptyDesk() {
        var past = database();
        TestCluster.fillWithThePast(past);
        var before = contents(past);
        Backup.write(past, file, NOW);
        var empty = database();
        restore(empty, "", false);
        assertThat(contents(empty)).isEqualTo(before);
        migrate(empty);
        assertThat(contents(empty).hashes()).isEqualTo(before.hashes());
    }

    @Test
    void aBackupIsForItsOwnersEyesOnly() throws IOException {
        Backup.write(desk, file, NOW);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
    }

    @Test
    void aFileThatExistsIsNotWrittenOver() throws IOException {
        Files.writeString(file, "a letter");
        assertThatThrownBy(() -> Backup.write(desk, file, NOW)).hasMessageContaining("exists already");
        assertThat(file).hasContent("a letter");
    }

    @Test
    void theSameDeskIsBroughtBackAfterItWasAsked() {
        Backup.write(desk, file, NOW);
        var before = contents(desk);
        person(desk, "Tom Ekerby");
        assertThatThrownBy(() -> restore(desk, "", false)).hasMessage("Nothing was changed.");
        assertThat(contents(desk)).isNotEqualTo(before);
        restore(desk, "", true);
        assertThat(contents(desk)).isEqualTo(before);
    }

    @Test
    void whatIsReplacedIsBackedUpFirst() {
        Backup.write(desk, file, NOW);
        person(desk, "Tom Ekerby");
        var replaced = contents(desk);
        new Restore(
                        desk,
                        file,
                        Optional.empty(),
                        question -> true,
                        Optional.of(new BackupFolder(folder.resolve("kept"))),
                        NOW)
                .run();
        file = folder.resolve("kept/before-restore-20261203-060000.lowfield");
        restore(desk, "", true);
        assertThat(contents(desk)).isEqualTo(replaced);
    }

    @Test
    void anotherDesksBackupNeedsTheNameOfTheDeskItReplaces() {
        Backup.write(desk, file, NOW);
        var other = database();
        migrate(other);
        person(other, "Somebody Else");
        var name = TestCluster.single(other, "select name from desk");
        assertThatThrownBy(() -> restore(other, "", true)).hasMessageContaining("--replace " + name);
        assertThatThrownBy(() -> restore(other, "desk-of-nobody", true)).hasMessageContaining("--replace " + name);
        restore(other, name, true);
        assertThat(contents(other)).isEqualTo(contents(desk));
    }

    @Test
    void linksThatWereOpenDoNotComeBackToLife() {
        TestCluster.execute(
                desk,
                "insert into account_link (token_hash, purpose, made_at, ends_at) values (repeat('a', 64), 'FIRST', now(), now() + interval '1 day')");
        Backup.write(desk, file, NOW);
        restore(desk, "", true);
        assertThat(TestCluster.single(desk, "select used_at is not null from account_link"))
                .isEqualTo("t");
    }

    @Test
    void aRunningServerRefuses() throws SQLException {
        Backup.write(desk, file, NOW);
        try (var server = DriverManager.getConnection(
                desk.url() + "?ApplicationName=lowfield-server", desk.user(), desk.password())) {
            assertThat(server.isValid(1)).isTrue();
            assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("server is running");
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.01, 0.5, 0.99})
    void aFileCutShortIsRefusedAndChangesNothing(double share) throws IOException {
        Backup.write(desk, file, NOW);
        var bytes = Files.readAllBytes(file);
        Files.write(file, java.util.Arrays.copyOf(bytes, (int) (bytes.length * share)));
        refusedAsDamaged();
    }

    @Test
    void aFileWithOneByteChangedIsRefused() throws IOException {
        Backup.write(desk, file, NOW);
        var bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        refusedAsDamaged();
    }

    private void refusedAsDamaged() {
        var before = contents(desk);
        assertThatThrownBy(() -> restore(desk, "", true))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("damaged");
        assertThat(contents(desk)).isEqualTo(before);
    }

    @Test
    void aNewerFormatAndANewerVersionAreRefused() throws IOException {
        Backup.write(desk, file, NOW);
        alter(m -> m.replace("\"format\" : 1", "\"format\" : 2"));
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("format 2", "Upgrade first");
        alter(m -> m.replace("\"format\" : 2", "\"format\" : 1").replace("\"schema\" : \"0", "\"schema\" : \"9"));
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("newer Lowfield");
    }

    /** A manifest that promises other figures than the dump holds: nothing of it stays. */
    @Test
    void whatDoesNotAddUpIsRolledBack() throws IOException {
        Backup.write(desk, file, NOW);
        person(desk, "Tom Ekerby");
        var before = contents(desk);
        alter(m -> m.replace("\"account\" : 1", "\"account\" : 7"));
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("Not as in the backup: rows of account");
        assertThat(contents(desk)).isEqualTo(before);
    }

    /** Writes the file once more with another manifest. */
    private void alter(UnaryOperator<String> manifest) throws IOException {
        var altered = folder.resolve("altered");
        try (var in = new ZipInputStream(Files.newInputStream(file));
                var out = new ZipOutputStream(Files.newOutputStream(altered))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                var bytes = in.readAllBytes();
                out.write(
                        entry.getName().equals("manifest.json")
                                ? manifest.apply(new String(bytes, StandardCharsets.UTF_8))
                                        .getBytes(StandardCharsets.UTF_8)
                                : bytes);
                out.closeEntry();
            }
        }
        Files.move(altered, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }

    /** A disk that is full, as far as the program can tell: no file may grow beyond 100 KB. */
    @Test
    void aFullDiskLeavesNothingBehind() throws Exception {
        var builder = new ProcessBuilder(List.of(
                        "bash",
                        "-c",
                        "ulimit -f 100; exec \"$@\"",
                        "bash",
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:-UsePerfData",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Console.class.getName(),
                        "backup",
                        file.toString()))
                .redirectErrorStream(true);
        builder.environment().put("LOWFIELD_DB_URL", desk.url());
        builder.environment().put("LOWFIELD_DB_OWNER", desk.user());
        builder.environment().put("LOWFIELD_DB_OWNER_PASSWORD", desk.password());
        var process = builder.start();
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isEqualTo(1);
        assertThat(said).contains("could not be written", "nothing was left behind");
        try (var left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
    }

    /** Before a migration what stands is kept by itself, and nothing where nothing is to be done. */
    @Test
    void aMigrationKeepsWhatStoodBefore() throws IOException {
        var past = database();
        TestCluster.fillWithThePast(past);
        var before = contents(past);
        var kept = folder.resolve("kept");
        var migration = new Migration(past, cluster.server.user(), Optional.of(new BackupFolder(kept)));
        migration.run(NOW);
        migration.run(NOW.plusSeconds(1));
        try (var files = Files.list(kept)) {
            file = files.reduce((a, b) -> {
                        throw new IllegalStateException("more than one");
                    })
                    .orElseThrow();
        }
        var empty = database();
        restore(empty, "", false);
        assertThat(contents(empty)).isEqualTo(before);
    }
}
