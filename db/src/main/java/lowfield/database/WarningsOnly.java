package lowfield.database;

import org.flywaydb.core.api.logging.Log;
import org.flywaydb.core.api.logging.LogCreator;

/** Keeps the console free of what the migrations' library says of itself; only warnings and errors are told. */
public final class WarningsOnly implements LogCreator {
    @Override
    public Log createLogger(Class<?> of) {
        return new Log() {
            @Override
            public boolean isDebugEnabled() {
                return false;
            }

            @Override
            public void debug(String message) {}

            @Override
            public void info(String message) {}

            @Override
            public void warn(String message) {
                System.err.println(message);
            }

            @Override
            public void error(String message) {
                System.err.println(message);
            }

            @Override
            public void error(String message, Exception cause) {
                System.err.println(message + " " + cause.getMessage());
            }

            @Override
            public void notice(String message) {}
        };
    }
}
