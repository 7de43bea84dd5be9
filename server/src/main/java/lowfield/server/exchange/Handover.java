package lowfield.server.exchange;

import java.sql.SQLException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.SQLExceptionSubclassTranslator;

/**
 * Batches on their way into the database, over the transaction's own connection, by a second thread: while one is written
 * another waits, and the next is filled. Nobody else uses the connection before all is settled.
 */
final class Handover implements AutoCloseable {
    private final CopyManager copies;
    private final ExecutorService writer = Executors.newSingleThreadExecutor();
    private final Deque<Future<?>> handedOver = new ArrayDeque<>();

    private Handover(CopyManager copies) {
        this.copies = copies;
    }

    /** In the present transaction. */
    static Handover open(DataSource source) {
        try {
            return new Handover(DataSourceUtils.getConnection(source)
                    .unwrap(PGConnection.class)
                    .getCopyAPI());
        } catch (SQLException none) {
            throw refused(none);
        }
    }

    /** Waits as long as two others are on their way; what the database refused of them is an error. */
    void add(Batch full) {
        while (handedOver.size() > 1) {
            await(handedOver.remove());
        }
        handedOver.add(writer.submit(() -> {
            full.copy(copies);
            return full;
        }));
    }

    /** Waits until all is written. */
    void settle() {
        handedOver.forEach(Handover::await);
    }

    private static void await(Future<?> batch) {
        try {
            batch.get();
        } catch (InterruptedException told) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(told);
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof SQLException refused
                    ? refused(refused)
                    : new IllegalStateException(failed);
        }
    }

    private static RuntimeException refused(SQLException why) {
        var known = new SQLExceptionSubclassTranslator().translate("taking parts in", null, why);
        return known == null ? new IllegalStateException(why) : known;
    }

    @Override
    public void close() {
        writer.shutdown();
        try {
            writer.awaitTermination(1, TimeUnit.MINUTES);
        } catch (InterruptedException told) {
            Thread.currentThread().interrupt();
        }
    }
}
