package lowfield.database;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;

/**
 * Puts the rows of a dump into tables that are there already. Tables and columns are looked up by name and written out by us;
 * what is in no table of ours, or would bring a session back, is refused or passed over. While rows come in, foreign keys
 * are away and triggers rest: both are there again, and the keys proved, before it ends.
 */
final class Rows {
    /** Never taken from a backup: who was signed in, what was mistyped, and which migrations were done. */
    static final Set<String> LEFT_OUT =
            Set.of("spring_session", "spring_session_attributes", "sign_in_throttle", "flyway_schema_history");

    private static final String TABLES = """
            select c.relname from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p')
            """;
    private static final String FOREIGN_KEYS = """
            select c.conrelid::regclass::text, quote_ident(c.conname), pg_get_constraintdef(c.oid) from pg_constraint c
            where c.connamespace = 'public'::regnamespace and c.contype = 'f' and c.conparentid = 0
            """;

    private final Connection connection;
    private final Map<String, Set<String>> tables;

    private Rows(Connection connection, Map<String, Set<String>> tables) {
        this.connection = connection;
        this.tables = tables;
    }

    /** Empties every table of the schema and fills it from a dump. */
    static void replace(Connection connection, DumpReader dump) throws SQLException, IOException {
        try (var statement = connection.createStatement()) {
            var tables = tables(statement);
            var keys = foreignKeys(statement);
            for (var key : keys) {
                statement.execute("alter table %s drop constraint %s".formatted(key.table(), key.name()));
            }
            triggers(statement, tables.keySet(), "disable");
            empty(statement, tables.keySet());
            new Rows(connection, tables).fill(dump);
            triggers(statement, tables.keySet(), "enable");
            for (var key : keys) {
                statement.execute(
                        "alter table %s add constraint %s %s".formatted(key.table(), key.name(), key.definition()));
            }
        }
    }

    private record ForeignKey(String table, String name, String definition) {}

    private static List<ForeignKey> foreignKeys(Statement statement) throws SQLException {
        var keys = new ArrayList<ForeignKey>();
        try (var found = statement.executeQuery(FOREIGN_KEYS)) {
            while (found.next()) {
                keys.add(new ForeignKey(found.getString(1), found.getString(2), found.getString(3)));
            }
        }
        return keys;
    }

    private static Map<String, Set<String>> tables(Statement statement) throws SQLException {
        var tables = new LinkedHashMap<String, Set<String>>();
        try (var found = statement.executeQuery(TABLES)) {
            while (found.next()) {
                tables.put(found.getString(1), new LinkedHashSet<>());
            }
        }
        try (var found = statement.executeQuery("select table_name, column_name from information_schema.columns"
                + " where table_schema = 'public' and is_generated = 'NEVER'")) {
            while (found.next()) {
                tables.getOrDefault(found.getString(1), new LinkedHashSet<>()).add(found.getString(2));
            }
        }
        return tables;
    }

    private static void empty(Statement statement, Set<String> tables) throws SQLException {
        var all = new TreeSet<>(tables);
        all.remove("flyway_schema_history");
        statement.execute("truncate table "
                + String.join(", ", all.stream().map(Contents::named).toList()));
    }

    private static void triggers(Statement statement, Set<String> tables, String how) throws SQLException {
        for (var table : tables) {
            statement.execute("alter table %s %s trigger user".formatted(Contents.named(table), how));
        }
    }

    private void fill(DumpReader dump) throws SQLException, IOException {
        var copy = connection.unwrap(PGConnection.class).getCopyAPI();
        for (var next = dump.next(); next.isPresent(); next = dump.next()) {
            if (next.get() instanceof DumpReader.Block block) {
                take(copy, block, dump);
            } else if (next.get() instanceof DumpReader.SequenceValue value) {
                set(value);
            }
        }
    }

    private void take(CopyManager copy, DumpReader.Block block, DumpReader dump) throws SQLException, IOException {
        if (LEFT_OUT.contains(block.table())) {
            dump.skip();
            return;
        }
        var known = tables.get(block.table());
        if (known == null || !known.containsAll(block.columns())) {
            throw BackupFile.damaged();
        }
        var columns =
                String.join(", ", block.columns().stream().map(Contents::quoted).toList());
        dump.into(copy.copyIn("copy %s (%s) from stdin".formatted(Contents.named(block.table()), columns)));
    }

    private void set(DumpReader.SequenceValue value) throws SQLException {
        try (var found = connection.prepareStatement("select setval(c.oid::regclass, ?, ?) from pg_class c"
                + " where c.relnamespace = 'public'::regnamespace and c.relkind = 'S' and c.relname = ?")) {
            found.setLong(1, value.last());
            found.setBoolean(2, value.isCalled());
            found.setString(3, value.sequence());
            found.execute();
        }
    }
}
