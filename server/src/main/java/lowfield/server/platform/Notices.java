package lowfield.server.platform;

import jakarta.annotation.PreDestroy;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
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
 * others when their listener hears it. A change names what it is about where that is little, so that nobody reads everything
 * anew for it. When a lost connection is back everything counts as changed.
 */
@Component
public class Notices {
    private static final Logger LOG = LoggerFactory.getLogger(Notices.class);
    private static final String CHANNEL = "lowfield";
    private static final String WORDS = "lowfield_words";
    private static final int SEND_MS = 40;
    /** So many ids fit into a notice; of more, everything counts as changed. */
    private static final int MOST_IDS = 200;

    /** What can change as a whole. */
    public enum Topic {
        CATALOGUE,
        OFFERS,
        PAGES,
        GUIDES,
        PICTURES
    }

    private final DSLContext db;
    private final DataSourceProperties source;
    /** What changed: a topic as a whole, or of it only what belongs to some parts. */
    public record Change(Topic topic, Set<UUID> parts) {
        public Change {
            parts = Set.copyOf(parts);
        }

        public boolean isWhole() {
            return parts.isEmpty();
        }

        static Change whole(Topic topic) {
            return new Change(topic, Set.of());
        }

        static Change of(Topic topic, Collection<UUID> parts) {
            return parts.size() > MOST_IDS ? whole(topic) : new Change(topic, Set.copyOf(parts));
        }

        String written() {
            return Stream.concat(Stream.of(topic.name()), parts.stream().map(UUID::toString))
                    .collect(Collectors.joining(" "));
        }

        static Change read(String text) {
            var words = text.split(" ");
            return new Change(
                    Topic.valueOf(words[0]),
                    Arrays.stream(words).skip(1).map(UUID::fromString).collect(Collectors.toSet()));
        }
    }

    private final List<Consumer<Change>> listeners = new CopyOnWriteArrayList<>();
    private final List<Consumer<String>> hearers = new CopyOnWriteArrayList<>();
    private final BlockingQueue<String> outgoing = new LinkedBlockingQueue<>();
    private final ScheduledExecutorService sending = Executors.newSingleThreadScheduledExecutor(work -> {
        var thread = new Thread(work, "notices-out");
        thread.setDaemon(true);
        return thread;
    });
    private volatile boolean closed;

    Notices(DSLContext db, DataSourceProperties source) {
        this.db = db;
        this.source = source;
    }

    public void whenChanged(Consumer<Change> listener) {
        listeners.add(listener);
    }

    /** To be called inside the transaction that changes something. */
    public void changed(Topic topic) {
        changed(Change.whole(topic));
    }

    /** The same, of what belongs to some parts and to nothing else; to be called with at least one. */
    public void changed(Topic topic, Collection<UUID> parts) {
        changed(Change.of(topic, parts));
    }

    private void changed(Change change) {
        db.query("select pg_notify(?, ?)", CHANNEL, change.written()).execute();
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    tell(change);
                }
            });
        } else {
            tell(change);
        }
    }

    public void whenTold(Consumer<String> hearer) {
        hearers.add(hearer);
    }

    /**
     * Tells every instance some words (at most 7,900 bytes) soon after the transaction is committed; the own one hears them,
     * too. Words of many transactions go out together: a NOTIFY of its own would make every commit wait for every other.
     */
    public void told(String words) {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    outgoing.add(words);
                }
            });
        } else {
            outgoing.add(words);
        }
    }

    private void sendOut() {
        var words = new ArrayList<String>();
        outgoing.drainTo(words);
        if (words.isEmpty()) {
            return;
        }
        try {
            db.query(
                            "select pg_notify({0}, w) from unnest({1}) as w",
                            DSL.val(WORDS), DSL.val(words.toArray(String[]::new)))
                    .execute();
        } catch (DataAccessException | org.springframework.dao.DataAccessException away) {
            LOG.debug("Telling again soon: {}", away.getMessage());
            outgoing.addAll(words);
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void listen() {
        var thread = new Thread(this::run, "notices");
        thread.setDaemon(true);
        thread.start();
        sending.scheduleWithFixedDelay(this::sendOut, SEND_MS, SEND_MS, TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void close() {
        closed = true;
        sending.shutdownNow();
    }

    private void run() {
        var wasLost = false;
        while (!closed) {
            try {
                hear(wasLost);
            } catch (SQLException lost) {
                LOG.debug("Listening again soon: {}", lost.getMessage());
                wasLost = true;
                pause();
            }
        }
    }

    private void hear(boolean wasLost) throws SQLException {
        try (var connection = DriverManager.getConnection(source.determineUrl(), access());
                var statement = connection.createStatement()) {
            statement.execute("listen " + CHANNEL);
            statement.execute("listen " + WORDS);
            var heard = connection.unwrap(PGConnection.class);
            if (wasLost) {
                Arrays.stream(Topic.values()).map(Change::whole).forEach(this::tell);
            }
            while (!closed) {
                for (var notice : heard.getNotifications(1000)) {
                    if (notice.getName().equals(WORDS)) {
                        hearers.forEach(h -> h.accept(notice.getParameter()));
                    } else {
                        tell(Change.read(notice.getParameter()));
                    }
                }
            }
        }
    }

    private Properties access() {
        var access = new Properties();
        access.putAll(Map.of(
                "user", source.determineUsername(),
                "password", source.determinePassword(),
                "ApplicationName", "lowfield-server"));
        return access;
    }

    private static void pause() {
        try {
            Thread.sleep(500);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private void tell(Change change) {
        listeners.forEach(l -> l.accept(change));
    }
}
