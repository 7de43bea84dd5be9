package lowfield.database;

import java.net.URI;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;

/**
 * How a role gets into a database.
 *
 * @param url a JDBC address, {@code jdbc:postgresql://host:port/name}
 */
public record Access(String url, String user, String password) {
    private static final int USUAL_PORT = 5432;

    public Access {
        if (!url.startsWith("jdbc:postgresql://")) {
            throw new Refusal("LOWFIELD_DB_URL is \"%s\"; it must look like jdbc:postgresql://host:port/name.", url);
        }
    }

    /** A connection of the driver, named so that others can tell who is there. */
    public Connection open() throws SQLException {
        var properties = new java.util.Properties();
        properties.putAll(Map.of("user", user, "password", password, "ApplicationName", "lowfield-console"));
        return DriverManager.getConnection(url, properties);
    }

    /** The same for PostgreSQL's own programs, as the variables they read. */
    Map<String, String> environment() {
        var address = URI.create(url.substring("jdbc:".length()));
        var port = address.getPort() < 0 ? USUAL_PORT : address.getPort();
        return Map.of(
                "PGHOST",
                address.getHost(),
                "PGPORT",
                String.valueOf(port),
                "PGDATABASE",
                address.getPath().substring(1),
                "PGUSER",
                user,
                "PGPASSWORD",
                password,
                "PGAPPNAME",
                "lowfield-console",
                "PGCLIENTENCODING",
                "UTF8");
    }
}
