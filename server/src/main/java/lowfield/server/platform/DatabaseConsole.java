package lowfield.server.platform;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.slf4j.LoggerFactory;

/** A short program's way to the database: of the libraries it uses none says a word but warnings. */
public final class DatabaseConsole implements AutoCloseable {
    private final Connection connection;

    private DatabaseConsole(Connection connection) {
        this.connection = connection;
    }

    /** As a role of which the environment gives name and password, under these names. */
    public static DatabaseConsole as(String user, String password) throws SQLException {
        ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.WARN);
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
        return new DatabaseConsole(DriverManager.getConnection(
                System.getenv("LOWFIELD_DB_URL"), System.getenv(user), System.getenv(password)));
    }

    public DSLContext db() {
        return DSL.using(connection, SQLDialect.POSTGRES);
    }

    @Override
    public void close() throws SQLException {
        connection.close();
    }
}
