package lowfield.database;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;

/** Whether a backup is whole: restored into a database of its own, it holds what its manifest says. */
public final class Verification {
    private Verification() {}

    /**
     * Returns what was found, as sentences; throws {@link Refusal} where it is not whole.
     *
     * @param scratch a database that nobody needs; all it holds goes
     * @param key the key of the desk that is here
     */
    public static String of(Access scratch, BackupKey key, Path file) {
        try (var backup = BackupFile.open(file)) {
            var manifest = backup.manifest();
            Restore.refuseNewer(manifest, Migration.newest(scratch));
            Pouring.into(scratch, backup);
            return "Whole: %s as it was on %s, %,d rows in %d tables; pages and documents as they were published.%n%s"
                    .formatted(
                            Desk.called(manifest.desk()),
                            manifest.made(),
                            manifest.contents().rows().values().stream()
                                    .mapToLong(Long::longValue)
                                    .sum(),
                            manifest.contents().rows().size(),
                            backup.isMadeBy(key)
                                    ? "This desk made it."
                                    : "It bears no mark of this desk: another desk made it, it was changed, or it is older than"
                                            + " the marks.");
        } catch (IOException failed) {
            throw new Refusal("%s could not be read: %s", file, failed.getMessage());
        } catch (SQLException failed) {
            throw new Refusal("The database could not be asked: %s", failed.getMessage());
        }
    }
}
