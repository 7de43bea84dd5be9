package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Optional;
import lowfield.database.Backup;
import lowfield.database.BackupFolder;
import lowfield.database.Migration;
import lowfield.database.Restore;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;

/** Backups and what becomes of them: they come back whole, or are refused with a sentence and change nothing. */
class BackupTest extends BackupCase {
    @Test
    void aBackupOfThePastComesBackWholeInAnEmptyDesk() {
        var past = database();
        TestCluster.fillWithThePast(past);
        var before = contents(past);
        Backup.write(past, KEY, file, NOW);
        var empty = database();
        restore(empty, "", false);
        assertThat(contents(empty)).isEqualTo(before);
        migrate(empty);
        assertThat(contents(empty).hashes()).isEqualTo(before.hashes());
    }

    @Test
    void aBackupIsForItsOwnersEyesOnly() throws IOException {
        Backup.write(desk, KEY, file, NOW);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
    }

    @Test
    void aFileThatExistsIsNotWrittenOver() throws IOException {
        Files.writeString(file, "a letter");
        assertThatThrownBy(() -> Backup.write(desk, KEY, file, NOW)).hasMessageContaining("exists already");
        assertThat(file).hasContent("a letter");
    }

    @Test
    void theSameDeskIsBroughtBackAfterItWasAsked() {
        Backup.write(desk, KEY, file, NOW);
        var before = contents(desk);
        person(desk, "Tom Ekerby");
        assertThatThrownBy(() -> restore(desk, "", false)).hasMessage("Nothing was changed.");
        assertThat(contents(desk)).isNotEqualTo(before);
        restore(desk, "", true);
        assertThat(contents(desk)).isEqualTo(before);
    }

    @Test
    void whatIsReplacedIsBackedUpFirst() {
        Backup.write(desk, KEY, file, NOW);
        person(desk, "Tom Ekerby");
        var replaced = contents(desk);
        new Restore(
                        desk,
                        KEY,
                        file,
                        new Restore.Answers(Optional.empty(), Optional.empty(), question -> true),
                        Optional.of(new BackupFolder(folder.resolve("kept"), KEY)),
                        NOW)
                .run();
        file = folder.resolve("kept/before-restore-20261203-060000.lowfield");
        restore(desk, "", true);
        assertThat(contents(desk)).isEqualTo(replaced);
    }

    @Test
    void anotherDesksBackupNeedsTheNameOfTheDeskItReplaces() {
        Backup.write(desk, KEY, file, NOW);
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
        Backup.write(desk, KEY, file, NOW);
        restore(desk, "", true);
        assertThat(TestCluster.single(desk, "select used_at is not null from account_link"))
                .isEqualTo("t");
    }

    @Test
    void aRunningServerRefuses() throws SQLException {
        Backup.write(desk, KEY, file, NOW);
        try (var server = DriverManager.getConnection(
                desk.url() + "?ApplicationName=lowfield-server", desk.user(), desk.password())) {
            assertThat(server.isValid(1)).isTrue();
            assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("server is running");
        }
    }

    /** Before a migration what stands is kept by itself, and nothing where nothing is to be done. */
    @Test
    void aMigrationKeepsWhatStoodBefore() throws IOException {
        var past = database();
        TestCluster.fillWithThePast(past);
        var before = contents(past);
        var kept = folder.resolve("kept");
        var migration = new Migration(past, cluster.server.user(), Optional.of(new BackupFolder(kept, KEY)));
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
