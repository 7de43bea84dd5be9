package lowfield.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import org.flywaydb.core.api.MigrationInfo;

/**
 * The schema of one version, made by our own migrations inside a transaction that somebody else ends. Nothing of it comes
 * from a backup: a dump could bring functions, triggers and rights of its own.
 */
final class Schema {
    private static final String EMPTIED = """
            do $empty$
            declare it record;
            begin
              for it in select c.oid::regclass as name from pg_class c
                  where c.relnamespace = 'public'::regnamespace and c.relkind in ('v', 'm')
                    and not exists (select from pg_depend d where d.objid = c.oid and d.deptype = 'e') loop
                execute 'drop view ' || it.name || ' cascade';
              end loop;
              for it in select c.oid::regclass as name from pg_class c
                  where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and not c.relispartition
                    and not exists (select from pg_depend d where d.objid = c.oid and d.deptype = 'e') loop
                execute 'drop table ' || it.name || ' cascade';
              end loop;
              for it in select c.oid::regclass as name from pg_class c
                  where c.relnamespace = 'public'::regnamespace and c.relkind = 'S' loop
                execute 'drop sequence ' || it.name || ' cascade';
              end loop;
              for it in select p.oid::regprocedure as name from pg_proc p
                  where p.pronamespace = 'public'::regnamespace
                    and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e') loop
                execute 'drop routine ' || it.name || ' cascade';
              end loop;
            end $empty$
            """;

    /** As the migrating library makes it; a test holds that it finds nothing to do afterwards. */
    private static final String HISTORY = """
            create table public.flyway_schema_history (
                installed_rank int not null constraint flyway_schema_history_pk primary key,
                version varchar(50),
                description varchar(200) not null,
                type varchar(20) not null,
                script varchar(1000) not null,
                checksum int,
                installed_by varchar(100) not null,
                installed_on timestamp not null default now(),
                execution_time int not null,
                success boolean not null
            );
            create index flyway_schema_history_s_idx on public.flyway_schema_history (success)
            """;

    private Schema() {}

    /** Takes away all there is and makes the tables that these migrations make, with no more rows than they bring. */
    static void make(Connection connection, List<MigrationInfo> migrations) throws SQLException, IOException {
        try (var statement = connection.createStatement()) {
            statement.execute("set local client_min_messages = warning");
            statement.execute("set local search_path = public");
            statement.execute(EMPTIED);
            statement.execute(HISTORY);
            var rank = 0;
            for (var migration : migrations) {
                statement.execute(script(migration));
                record(connection, migration, ++rank);
            }
        }
    }

    /** Asks the database with a connection of its own, so before a transaction holds its tables. */
    static List<MigrationInfo> upTo(Access access, String version) {
        var found = Arrays.stream(Migration.flyway(access).info().all())
                .filter(m -> m.getState().isResolved() && m.getVersion() != null)
                .sorted((a, b) -> a.getVersion().compareTo(b.getVersion()))
                .filter(m -> m.getVersion().getVersion().compareTo(version) <= 0)
                .toList();
        if (found.isEmpty()
                || !found.get(found.size() - 1).getVersion().getVersion().equals(version)) {
            throw new Refusal("This backup is of version %s, which this Lowfield does not know.", version);
        }
        return found;
    }

    private static String script(MigrationInfo migration) throws IOException {
        try (InputStream in = Schema.class.getResourceAsStream("/db/migration/" + migration.getScript())) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static void record(Connection connection, MigrationInfo migration, int rank) throws SQLException {
        try (var row = connection.prepareStatement("insert into public.flyway_schema_history (installed_rank, version,"
                + " description, type, script, checksum, installed_by, execution_time, success)"
                + " values (?, ?, ?, 'SQL', ?, ?, current_user, 0, true)")) {
            row.setInt(1, rank);
            row.setString(2, migration.getVersion().getVersion());
            row.setString(3, migration.getDescription());
            row.setString(4, migration.getScript());
            row.setObject(5, migration.getChecksum(), java.sql.Types.INTEGER);
            row.execute();
        }
    }
}
