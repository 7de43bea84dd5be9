package lowfield.database;

import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;

/**
 * Brings a database to this version as the role that owns it, and gives the server's role what it needs: rows, and no
 * tables of its own. What stood before is backed up first.
 */
public final class Migration {
    private final Access owner;
    private final String server;
    private final Optional<BackupFolder> backups;

    /**
     * @param server the role that the server runs with
     * @param backups where what stood before a migration is kept; absent where nothing has to be kept
     */
    public Migration(Access owner, String server, Optional<BackupFolder> backups) {
        this.owner = owner;
        this.server = server;
        this.backups = backups;
    }

    /** Does what is still to be done, and nothing where nothing is. */
    public void run(Instant now) {
        try {
            var flyway = flyway(owner);
            var info = flyway.info();
            if (info.applied().length > 0 && info.pending().length > 0) {
                backups.ifPresent(
                        folder -> folder.before(info.pending()[0].getVersion().getVersion(), owner, now));
            }
            flyway.migrate();
            grant();
        } catch (FlywayException failed) {
            throw new Refusal("The database could not be brought to this version: %s", firstLine(failed));
        } catch (SQLException failed) {
            throw new Refusal("The server's role could not be given its rights: %s", failed.getMessage());
        }
    }

    private static String firstLine(Throwable failed) {
        return String.valueOf(failed.getMessage()).lines().findFirst().orElse("");
    }

    static Flyway flyway(Access owner) {
        return Flyway.configure()
                .dataSource(owner.url(), owner.user(), owner.password())
                .locations("classpath:db/migration")
                .loggers(WarningsOnly.class.getName())
                .load();
    }

    /** The newest version this program knows, such as {@code 013}. */
    static String newest(Access access) {
        return Arrays.stream(flyway(access).info().all())
                .filter(m -> m.getState().isResolved())
                .map(m -> m.getVersion().getVersion())
                .max(String::compareTo)
                .orElseThrow();
    }

    private void grant() throws SQLException {
        if (server.equals(owner.user())) {
            return;
        }
        var role = '"' + server.replace("\"", "\"\"") + '"';
        try (var connection = owner.open();
                var statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("grant usage on schema public to " + role);
            statement.execute("grant select, insert, update, delete on all tables in schema public to " + role);
            statement.execute("grant usage, select, update on all sequences in schema public to " + role);
            statement.execute("revoke insert, update, delete on flyway_schema_history from " + role);
            statement.execute("revoke update, delete on account_event from " + role);
            connection.commit();
        }
    }
}
