package lowfield.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a database holds, told by figures that two databases can be compared by.
 *
 * @param rows how many rows each table has, by its name
 * @param hashes SHA-256 of what was published, by what it is: pages as readers get them, documents
 */
public record Contents(Map<String, Long> rows, Map<String, String> hashes) {
    /** What is hashed, each as one expression that is the same wherever it is worked out. */
    private static final Map<String, String> HASHED = new TreeMap<>(Map.of(
            "pages",
            "select coalesce(encode(sha256(string_agg(sha256(convert_to(path, 'UTF8')) || sha256(body), ''::bytea"
                    + " order by path collate \"C\")), 'hex'), 'none') from public.reader_page",
            "documents",
            "select coalesce(encode(sha256(string_agg(sha256(convert_to(snapshot, 'UTF8')), ''::bytea"
                    + " order by edition_id, number)), 'hex'), 'none') from public.revision"));

    private static final String TABLES = """
            select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
            where n.nspname = 'public' and c.relkind in ('r', 'p') and not c.relispartition
              and not exists (select from pg_depend d where d.objid = c.oid and d.deptype = 'e')
            order by c.relname collate "C"
            """;

    public Contents {
        rows = Map.copyOf(rows);
        hashes = Map.copyOf(hashes);
    }

    /** Of the database as this connection sees it. */
    public static Contents of(Connection connection) throws SQLException {
        var rows = new LinkedHashMap<String, Long>();
        var hashes = new LinkedHashMap<String, String>();
        try (var statement = connection.createStatement()) {
            var tables = new java.util.ArrayList<String>();
            try (var found = statement.executeQuery(TABLES)) {
                while (found.next()) {
                    tables.add(found.getString(1));
                }
            }
            for (var table : tables) {
                rows.put(table, Long.valueOf(single(statement, count(table))));
            }
            if (tables.contains("reader_page")) {
                for (var hashed : HASHED.entrySet()) {
                    hashes.put(hashed.getKey(), single(statement, hashed.getValue()));
                }
            }
        }
        return new Contents(rows, hashes);
    }

    private static String single(java.sql.Statement statement, String sql) throws SQLException {
        try (var found = statement.executeQuery(sql)) {
            found.next();
            return found.getString(1);
        }
    }

    private static String count(String table) {
        return "select count(*) from public." + quoted(table);
    }

    private static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    /** A block of SQL that fails unless the database holds exactly this. */
    String asserted() {
        var sql = new StringBuilder();
        new TreeMap<>(rows)
                .forEach((table, many) -> sql.append(check(count(table), String.valueOf(many), "rows of " + table)));
        new TreeMap<>(hashes).forEach((what, hash) -> {
            if (HASHED.containsKey(what)) {
                sql.append(check(HASHED.get(what), hash, "published " + what));
            }
        });
        return sql.toString();
    }

    private static String check(String sql, String expected, String what) {
        return """
                do $check$ begin
                  if (%s)::text is distinct from %s then raise exception 'Not as in the backup: %%', %s; end if;
                end $check$;
                """.formatted(sql, literal(expected), literal(what));
    }

    private static String literal(String text) {
        return '\'' + text.replace("'", "''") + '\'';
    }
}
