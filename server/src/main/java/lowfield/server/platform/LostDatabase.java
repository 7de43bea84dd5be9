package lowfield.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers 503 with a sentence when the database is away, also where the session is read before any controller runs. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
public class LostDatabase extends OncePerRequestFilter {
    private static final String SENTENCE =
            "The database cannot be reached just now; nothing was saved, nothing is lost. Try again in a moment.";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failure) {
            if (!isCause(failure) || response.isCommitted()) {
                throw failure;
            }
            response.resetBuffer();
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader("Retry-After", "2");
            response.setContentType("application/problem+json");
            response.getWriter()
                    .write(
                            "{\"type\":\"/problems/database-away\",\"title\":\"Database away\",\"status\":503,\"detail\":\""
                                    + SENTENCE + "\"}");
        }
    }

    static ProblemDetail problem() {
        return Problems.problem(HttpStatus.SERVICE_UNAVAILABLE, "database-away", "Database away", SENTENCE);
    }

    /**
     * Whether a connection that could not be had or broke is behind a failure (SQL state class 08 and 57, no connection, a
     * transaction that could not be begun or ended, or that was idle for too long).
     */
    public static boolean isCause(@Nullable Throwable failure) {
        for (var cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof java.sql.SQLTransientConnectionException
                    || cause instanceof java.sql.SQLNonTransientConnectionException
                    || cause instanceof TransactionException) {
                return true;
            }
            if (cause instanceof SQLException sql
                    && sql.getSQLState() != null
                    && sql.getSQLState().matches("(08|57).*|25P03")) {
                return true;
            }
            if (cause == cause.getCause()) {
                return false;
            }
        }
        return false;
    }

    /** Whether a change waited for another's lock for as long as it may (SQL state 55P03). */
    static boolean isHeld(Throwable failure) {
        return Stream.iterate(failure, Objects::nonNull, Throwable::getCause)
                .limit(20)
                .anyMatch(cause -> cause instanceof SQLException sql && "55P03".equals(sql.getSQLState()));
    }

    /** Throws on what a lost connection is behind: it is no fault of what was being done, which is gone on with later. */
    public static void rethrow(RuntimeException unforeseen) {
        if (isCause(unforeseen)) {
            throw unforeseen;
        }
    }
}
