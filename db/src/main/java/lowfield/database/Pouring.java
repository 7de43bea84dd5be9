package lowfield.database;

import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.SQLException;
import org.postgresql.util.PSQLException;

/**
 * Puts what a backup holds in the place of what a database holds, in one transaction, proved against the manifest's counts and
 * hashes.
 */
final class Pouring {
    /** Links that were open when the backup was made may have been used since; none comes back to life. */
    private static final String LINKS_ENDED = """
            do $links$ begin
              if to_regclass('public.account_link') is not null then
                update public.account_link set used_at = now() where used_at is null;
              end if;
            end $links$;
            """;

    private Pouring() {}

    static void into(Access access, BackupFile backup) throws IOException, SQLException {
        var migrations = Schema.upTo(access, backup.manifest().schema());
        try (var connection = access.open()) {
            connection.setAutoCommit(false);
            Schema.make(connection, migrations);
            fill(connection, backup);
            var held = Contents.of(connection);
            backup.manifest().contents().unlike(held).ifPresent(what -> {
                throw new Refusal("Not as in the backup: %s. Nothing was changed.", what);
            });
            try (var statement = connection.createStatement()) {
                statement.execute(LINKS_ENDED);
            }
            connection.commit();
        }
    }

    private static void fill(Connection connection, BackupFile backup) throws IOException, SQLException {
        try (var reading = PostgresProgram.startAlone("pg_restore", "--data-only", "--file=-")) {
            feed(backup, reading.process().getOutputStream());
            Rows.replace(connection, new DumpReader(reading.process().getInputStream()));
            reading.succeed();
        } catch (PSQLException refused) {
            throw new Refusal("The rows of this backup do not fit: %s. Nothing was changed.", firstLine(refused));
        }
    }

    private static String firstLine(SQLException refused) {
        return String.valueOf(refused.getMessage()).lines().findFirst().orElse("");
    }

    /** On a thread of its own, since the program gives out while it still takes in. */
    private static void feed(BackupFile backup, OutputStream into) {
        var thread = new Thread(
                () -> {
                    try (into;
                            var dump = backup.dump()) {
                        dump.transferTo(into);
                    } catch (IOException gone) {
                        // The program has ended; what it has to say of that is told by its end.
                    }
                },
                "dump");
        thread.setDaemon(true);
        thread.start();
    }
}
