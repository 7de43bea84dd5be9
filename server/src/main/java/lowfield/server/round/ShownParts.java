package lowfield.server.round;

import static lowfield.db.Tables.PRODUCT_PAGE;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Remembers which parts the finder has shown, so that the next round reads their pages, too; noted once an hour a part. */
@Service
public class ShownParts {
    private static final Logger LOG = LoggerFactory.getLogger(ShownParts.class);

    private final DSLContext db;
    private final Clock clock;
    private final Cache<UUID, Boolean> noted = Caffeine.newBuilder()
            .maximumSize(20_000)
            .expireAfterWrite(Duration.ofHours(1))
            .build();
    private final ExecutorService writing = Executors.newSingleThreadExecutor(work -> {
        var thread = new Thread(work, "finder-asked");
        thread.setDaemon(true);
        return thread;
    });

    ShownParts(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    @PreDestroy
    void close() {
        writing.shutdown();
    }

    /** Notes parts in the background; who asks does not wait for it. */
    public void about(Collection<UUID> parts) {
        var fresh = parts.stream()
                .filter(p -> noted.asMap().putIfAbsent(p, true) == null)
                .toList();
        if (!fresh.isEmpty()) {
            writing.execute(() -> note(fresh));
        }
    }

    private void note(List<UUID> parts) {
        try {
            db.update(PRODUCT_PAGE)
                    .set(PRODUCT_PAGE.ASKED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                    .where(PRODUCT_PAGE.VARIANT_ID.in(parts))
                    .execute();
        } catch (RuntimeException away) {
            noted.invalidateAll(parts);
            LOG.warn("What the finder showed could not be noted: {}", away.getMessage());
        }
    }
}
