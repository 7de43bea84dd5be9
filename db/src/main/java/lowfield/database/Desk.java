package lowfield.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Which desk a database is of.
 *
 * @param name empty while the database has none, before version 013
 * @param schema the last migration that was done; empty in a new database
 * @param people how many accounts it has
 */
record Desk(String name, String schema, long people) {
    static Desk of(Connection connection) throws SQLException {
        try (var statement = connection.createStatement()) {
            return new Desk(
                    first(statement, "public.desk", "select name from public.desk", ""),
                    first(
                            statement,
                            "public.flyway_schema_history",
                            "select version from public.flyway_schema_history where success and version is not null"
                                    + " order by installed_rank desc limit 1",
                            ""),
                    Long.parseLong(first(statement, "public.account", "select count(*) from public.account", "0")));
        }
    }

    private static String first(Statement statement, String table, String sql, String none) throws SQLException {
        try (var found = statement.executeQuery("select to_regclass('" + table + "') is not null")) {
            found.next();
            if (!found.getBoolean(1)) {
                return none;
            }
        }
        try (var found = statement.executeQuery(sql)) {
            return found.next() ? found.getString(1) : none;
        }
    }

    boolean isEmpty() {
        return people == 0;
    }

    String called() {
        return called(name);
    }

    static String called(String name) {
        return name.isEmpty() ? "unnamed-desk" : name;
    }
}
