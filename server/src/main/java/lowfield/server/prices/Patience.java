package lowfield.server.prices;

import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** Waits for a database that is away, a minute at most, so that a restart in the middle of a round loses nothing. */
@Component
class Patience {
    private static final Logger LOG = LoggerFactory.getLogger(Patience.class);
    private static final int TRIES = 120;
    private static final int PAUSE_MS = 500;

    private final TransactionTemplate transaction;

    Patience(TransactionTemplate transaction) {
        this.transaction = transaction;
    }

    void transaction(Runnable work) {
        run(() -> transaction.executeWithoutResult(status -> work.run()));
    }

    void run(Runnable work) {
        with(() -> {
            work.run();
            return true;
        });
    }

    <T> T with(Supplier<T> work) {
        for (int attempt = 1; ; attempt++) {
            try {
                return work.get();
            } catch (DataAccessException | TransactionException | org.jooq.exception.DataAccessException away) {
                if (attempt == TRIES || !isAway(away)) {
                    throw away;
                }
                LOG.warn("The database is away; asking again: {}", away.getMessage());
                pause(away);
            }
        }
    }

    /** Whether the connection is the matter, and not what was asked. */
    private static boolean isAway(Throwable failure) {
        for (var cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof java.sql.SQLException sql) {
                var state = sql.getSQLState();
                return state == null
                        || state.startsWith("08")
                        || state.startsWith("57P")
                        || state.equals("40001")
                        || state.equals("40P01");
            }
        }
        return failure instanceof TransactionException;
    }

    private static void pause(RuntimeException away) {
        try {
            Thread.sleep(PAUSE_MS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw away;
        }
    }
}
