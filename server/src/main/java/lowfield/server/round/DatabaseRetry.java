package lowfield.server.round;

import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import java.sql.SQLException;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** Waits for a database that is away, a minute at most, so that a restart in the middle of a round loses nothing. */
@Component
class DatabaseRetry {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseRetry.class);
    private static final Duration PATIENCE = Duration.ofMinutes(1);

    /** Somebody else was first; asked again, it will be found. */
    private static final String THERE_ALREADY = "23505";

    /** The database does not take what it was given; asking again would not help. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Refused(RuntimeException why) {
            super(why);
        }
    }

    private final TransactionTemplate transaction;
    private final RetryConfig asking;

    @Autowired
    DatabaseRetry(TransactionTemplate transaction) {
        this(transaction, Duration.ofMillis(500));
    }

    /** With a pause between two tries; a minute of them in all. */
    DatabaseRetry(TransactionTemplate transaction, Duration pause) {
        this.transaction = transaction;
        this.asking = RetryConfig.custom()
                .maxAttempts((int) PATIENCE.dividedBy(pause))
                .waitDuration(pause)
                .retryOnException(DatabaseRetry::isAway)
                .build();
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
        var retry = Retry.of("database", asking);
        retry.getEventPublisher()
                .onRetry(again -> LOG.warn("The database is away; asking again", again.getLastThrowable()));
        try {
            return retry.executeSupplier(work);
        } catch (DataAccessException | org.jooq.exception.DataAccessException failed) {
            throw isRefused(failed) ? new Refused(failed) : failed;
        }
    }

    /** Whether the connection is the matter, and not what was asked. */
    private static boolean isAway(Throwable failure) {
        var isOfDatabase = failure instanceof DataAccessException
                || failure instanceof TransactionException
                || failure instanceof org.jooq.exception.DataAccessException;
        return isOfDatabase
                && sql(failure).map(DatabaseRetry::isOfConnection).orElse(failure instanceof TransactionException);
    }

    private static boolean isOfConnection(SQLException failure) {
        var state = failure.getSQLState();
        return state == null
                || state.startsWith("08")
                || state.startsWith("57P")
                || state.equals("40001")
                || state.equals("40P01");
    }

    /** Whether the values are the matter: they are none of their type, or break a constraint. */
    private static boolean isRefused(Throwable failure) {
        return sql(failure)
                .map(SQLException::getSQLState)
                .filter(state -> state.startsWith("22") || state.startsWith("23") && !state.equals(THERE_ALREADY))
                .isPresent();
    }

    private static Optional<SQLException> sql(Throwable failure) {
        for (var cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                return Optional.of(sql);
            }
        }
        return Optional.empty();
    }
}
