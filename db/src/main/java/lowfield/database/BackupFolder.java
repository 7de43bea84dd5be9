package lowfield.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/** Where backups are kept that make themselves: before a migration, before a restore. */
public record BackupFolder(Path folder, BackupKey key) {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    /** Keeps the database as it stands before something, under a name that says before what. */
    void before(String what, Access access, Instant now) {
        try {
            Files.createDirectories(
                    folder, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
        } catch (IOException failed) {
            throw new Refusal("The folder for backups, %s, could not be made: %s", folder, failed.getMessage());
        }
        Backup.write(access, key, folder.resolve("before-%s-%s.lowfield".formatted(what, MOMENT.format(now))), now);
    }
}
