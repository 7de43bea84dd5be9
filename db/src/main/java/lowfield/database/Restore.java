package lowfield.database;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Puts a backup in the place of what a database holds, in one transaction: whatever interrupts it, the database is as before,
 * or whole and proved against the manifest's counts and hashes.
 */
public final class Restore {
    private final Access access;
    private final BackupKey key;
    private final Path file;
    private final Answers answers;
    private final Optional<BackupFolder> backups;
    private final Instant now;

    /**
     * What whoever restores has said, or is asked.
     *
     * @param replace the name of the desk that another desk's backup may take the place of
     * @param trust asked, twice, before a backup is taken that this desk did not make; absent where none is to be taken
     * @param sure asked before anything is replaced
     */
    public record Answers(Optional<String> replace, Optional<Predicate<String>> trust, Predicate<String> sure) {}

    /**
     * @param key the key of the desk that is here
     * @param backups where what is replaced is kept
     */
    public Restore(
            Access access, BackupKey key, Path file, Answers answers, Optional<BackupFolder> backups, Instant now) {
        this.access = access;
        this.key = key;
        this.file = file;
        this.answers = answers;
        this.backups = backups;
        this.now = now;
    }

    /** Returns what was done, as a sentence. */
    public String run() {
        try (var backup = BackupFile.open(file)) {
            var manifest = backup.manifest();
            refuseNewer(manifest, Migration.newest(access));
            refuseStranger(backup);
            try (var connection = access.open()) {
                var desk = Desk.of(connection);
                refuseAnother(manifest, desk);
                refuseRunning(connection);
                if (!desk.isEmpty()) {
                    keep(manifest, desk);
                }
            }
            Pouring.into(access, backup);
            return "Restored %s as it was on %s.".formatted(Desk.called(manifest.desk()), manifest.made());
        } catch (IOException failed) {
            throw new Refusal("%s could not be read: %s", file, failed.getMessage());
        } catch (SQLException failed) {
            throw new Refusal("The database could not be asked: %s", failed.getMessage());
        }
    }

    static void refuseNewer(Manifest manifest, String newest) {
        if (manifest.schema().compareTo(newest) > 0) {
            throw new Refusal(
                    "This backup is of version %s and was made by a newer Lowfield; this one knows versions up to %s. Upgrade first.",
                    manifest.schema(), newest);
        }
    }

    private void refuseStranger(BackupFile backup) throws IOException {
        if (backup.isMadeBy(key)) {
            return;
        }
        var ask = answers.trust()
                .orElseThrow(() -> new Refusal("This backup bears no mark of this desk: another desk made it, it was"
                        + " changed, or it is older than the marks. If you know where it comes from, add: --trust"));
        if (!ask.test("This desk did not make this backup. Whoever made it says who may sign in here and what readers"
                        + " get to see. Do you trust them? Type yes: ")
                || !ask.test("It says that it is of %s, made on %s. Did you get it from its owner yourself? Type yes: "
                        .formatted(
                                Desk.called(backup.manifest().desk()),
                                backup.manifest().made()))) {
            throw new Refusal("Nothing was changed.");
        }
    }

    private void refuseAnother(Manifest manifest, Desk desk) {
        if (desk.isEmpty() || manifest.desk().equals(desk.name())) {
            return;
        }
        if (!answers.replace().equals(Optional.of(desk.called()))) {
            throw new Refusal(
                    "This backup is of %s, and here is %s. To put it in the place of %s all the same, add: --replace %s",
                    Desk.called(manifest.desk()), desk.called(), desk.called(), desk.called());
        }
    }

    private static void refuseRunning(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                var found = statement.executeQuery("select count(*) from pg_stat_activity where datname ="
                        + " current_database() and application_name = 'lowfield-server'")) {
            found.next();
            if (found.getInt(1) > 0) {
                throw new Refusal("The server is running; stop it with ./lowfield stop, then restore.");
            }
        }
    }

    /** Asks, and backs up what is about to be replaced. */
    private void keep(Manifest manifest, Desk desk) {
        if (!answers.sure().test(question(manifest, desk))) {
            throw new Refusal("Nothing was changed.");
        }
        backups.ifPresent(folder -> folder.before("restore", access, now));
    }

    private static String question(Manifest manifest, Desk desk) {
        return "This replaces everything in %s by what stood on %s. Go on? Type yes: "
                .formatted(desk.called(), manifest.made());
    }
}
