package lowfield.database;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes a backup while the desk runs: the dump and the figures of the manifest see the database at one and the same moment
 * (PostgreSQL's exported snapshot). Sessions are left out: after a restore everybody signs in again.
 */
public final class Backup {
    private static final Set<String> EMPTIED =
            Set.of("spring_session", "spring_session_attributes", "sign_in_throttle");
    private static final int BUFFER = 1 << 17;

    private Backup() {}

    /** Writes the file whole or not at all; one that exists is not written over. Returns what it says of itself. */
    public static String write(Access access, BackupKey key, Path file, Instant now) {
        if (Files.exists(file)) {
            throw new Refusal("%s exists already; name another file.", file);
        }
        var part = file.resolveSibling("%s.%d.part"
                .formatted(file.getFileName(), ProcessHandle.current().pid()));
        try {
            var manifest = writePart(access, key, part, now);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
            return "%s, version %s, %,d bytes"
                    .formatted(Desk.called(manifest.desk()), manifest.schema(), Files.size(file));
        } catch (IOException failed) {
            throw new Refusal("The backup could not be written (%s); nothing was left behind.", failed.getMessage());
        } catch (SQLException failed) {
            throw new Refusal("The database could not be read: %s", failed.getMessage());
        } finally {
            remove(part);
        }
    }

    private static void remove(Path part) {
        try {
            Files.deleteIfExists(part);
        } catch (IOException stays) {
            throw new Refusal("%s could not be removed; remove it by hand.", part);
        }
    }

    private static Manifest writePart(Access access, BackupKey key, Path part, Instant now)
            throws IOException, SQLException {
        Files.deleteIfExists(part);
        Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try (var connection = access.open();
                var channel = java.nio.channels.FileChannel.open(part, StandardOpenOption.WRITE);
                var zip = new ZipOutputStream(new java.io.BufferedOutputStream(
                        java.nio.channels.Channels.newOutputStream(channel), BUFFER))) {
            zip.setLevel(Deflater.NO_COMPRESSION);
            var snapshot = snapshot(connection);
            zip.putNextEntry(new ZipEntry(BackupFile.DUMP));
            try (var dump = PostgresProgram.start(
                            "pg_dump",
                            access,
                            "--format=custom",
                            "--no-owner",
                            "--no-privileges",
                            "--no-comments",
                            "--snapshot=" + snapshot,
                            "--compress=1",
                            "--exclude-table-data=public.spring_session*",
                            "--exclude-table-data=public.sign_in_throttle");
                    var out = new BackupFile.Hashed(dump.process().getInputStream())) {
                var contents = CompletableFuture.supplyAsync(() -> contents(connection));
                transfer(out, zip);
                dump.succeed();
                zip.closeEntry();
                var manifest = manifest(connection, out, contents.join(), now);
                put(zip, BackupFile.MANIFEST, manifest.written());
                put(zip, BackupFile.MARK, key.mark(manifest.written()).getBytes(StandardCharsets.US_ASCII));
                zip.finish();
                zip.flush();
                channel.force(true);
                return manifest;
            }
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    private static void transfer(BackupFile.Hashed in, ZipOutputStream out) throws IOException {
        var buffer = new byte[BUFFER];
        for (int n = in.read(buffer, 0, BUFFER); n >= 0; n = in.read(buffer, 0, BUFFER)) {
            out.write(buffer, 0, n);
        }
    }

    private static String snapshot(Connection connection) throws SQLException {
        connection.setAutoCommit(false);
        try (var statement = connection.createStatement()) {
            statement.execute("set transaction isolation level repeatable read, read only");
            try (var found = statement.executeQuery("select pg_export_snapshot()")) {
                found.next();
                return found.getString(1);
            }
        }
    }

    private static Contents contents(Connection connection) {
        try {
            var all = Contents.of(connection);
            var kept = new LinkedHashMap<>(all.rows());
            kept.replaceAll((table, rows) -> EMPTIED.contains(table) ? 0L : rows);
            return new Contents(kept, all.hashes());
        } catch (SQLException failed) {
            throw new Refusal("The database could not be read: %s", failed.getMessage());
        }
    }

    private static Manifest manifest(Connection connection, BackupFile.Hashed dump, Contents contents, Instant now)
            throws SQLException {
        var desk = Desk.of(connection);
        return new Manifest(
                Manifest.FORMAT,
                desk.name(),
                desk.schema(),
                "0.1.0",
                connection.getMetaData().getDatabaseProductVersion(),
                now.truncatedTo(ChronoUnit.SECONDS).toString(),
                dump.bytes(),
                dump.hash(),
                contents);
    }
}
