package lowfield.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

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
        return "select count(*) from " + named(table);
    }

    /** A table of ours as SQL names it. */
    static String named(String table) {
        return "public." + quoted(table);
    }

    static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    /** What a database does not hold as these figures say, in words; absent where it holds exactly this. */
    Optional<String> unlike(Contents held) {
        var expected = new TreeMap<String, Object>();
        var found = new TreeMap<String, Object>();
        rows.forEach((table, many) -> expected.put("rows of " + table, many));
        held.rows.forEach((table, many) -> found.put("rows of " + table, many));
        hashes.forEach((what, hash) -> expected.put("published " + what, hash));
        held.hashes.forEach((what, hash) -> found.put("published " + what, hash));
        Rows.LEFT_OUT.forEach(table -> {
            expected.remove("rows of " + table);
            found.remove("rows of " + table);
        });
        var names = new TreeSet<>(expected.keySet());
        names.addAll(found.keySet());
        return names.stream()
                .filter(name -> !Objects.equals(expected.get(name), found.get(name)))
                .findFirst();
    }
}
