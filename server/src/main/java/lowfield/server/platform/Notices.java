package lowfield.server.platform;

import jakarta.annotation.PreDestroy;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jooq.DSLContext;
import org.postgresql.PGConnection;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Tells every instance that something changed, through PostgreSQL's NOTIFY: the own instance at once after the commit, the
 * others when their listener hears it. After a lost connection everything counts as changed.
 */
@Component
public class Notices {
    private static final Logger LOG = LoggerFactory.getLogger(Notices.class);
    private static final String CHANNEL = "lowfield";
    private static final String WORDS = "lowfield_words";

    /** What can change as a whole. */
    public enum Topic {
        CATALOGUE,
        OFFERS,
        PAGES,
        GUIDES
    }

    private final DSLContext db;
    private final DataSourceProperties source;
    private final List<java.util.function.Consumer<Topic>> listeners = new CopyOnWriteArrayList<>();
    private final List<java.util.function.Consumer<String>> hearers = new CopyOnWriteArrayList<>();
    private volatile boolean closed;

    Notices(DSLContext db, DataSourceProperties source) {
        this.db = db;
        this.source = source;
    }

    public void whenChanged(java.util.function.Consumer<Topic> listener) {
        listeners.add(listener);
    }

    /** To be called inside the transaction that changes something. */
    public void changed(Topic topic) {
        db.query("select pg_notify(?, ?)", CHANNEL, topic.name()).execute();
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    tell(topic);
                }
            });
        } else {
            tell(topic);
        }
    }

    public void whenTold(java.util.function.Consumer<String> hearer) {
        hearers.add(hearer);
    }

    /** Tells every instance some words (at most 7,900 bytes) when the transaction is committed; the own one hears them, too. */
    public void told(String words) {
        db.query("select pg_notify(?, ?)", WORDS, words).execute();
    }

    @EventListener(ApplicationReadyEvent.class)
    void listen() {
        var thread = new Thread(this::run, "notices");
        thread.setDaemon(true);
        thread.start();
    }

    @PreDestroy
    void close() {
        closed = true;
    }

    private void run() {
        while (!closed) {
            try {
                hear();
            } catch (SQLException lost) {
                LOG.debug("Listening again soon: {}", lost.getMessage());
                pause();
                for (var topic : Topic.values()) {
                    tell(topic);
                }
            }
        }
    }

    private void hear() throws SQLException {
        try (var connection = DriverManager.getConnection(
                        source.determineUrl(), source.determineUsername(), source.determinePassword());
                var statement = connection.createStatement()) {
            statement.execute("listen " + CHANNEL);
            statement.execute("listen " + WORDS);
            var heard = connection.unwrap(PGConnection.class);
            while (!closed) {
                for (var notice : heard.getNotifications(1000)) {
                    if (notice.getName().equals(WORDS)) {
                        hearers.forEach(h -> h.accept(notice.getParameter()));
                    } else {
                        tell(Topic.valueOf(notice.getParameter()));
                    }
                }
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(500);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private void tell(Topic topic) {
        listeners.forEach(l -> l.accept(topic));
    }
}
