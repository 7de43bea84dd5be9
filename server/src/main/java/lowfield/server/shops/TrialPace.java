package lowfield.server.shops;

import static lowfield.db.Tables.SHOP;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicReference;
import lowfield.server.platform.Settings;
import lowfield.server.platform.TooMany;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Keeps trials at a shop's pace: its own where it is configured, one a second where it is new. */
@Component
class TrialPace {
    private static final Duration OF_A_NEW_SHOP = Duration.ofSeconds(1);
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(5);

    private final DSLContext db;
    private final Settings settings;
    private final Cache<String, AtomicReference<Instant>> next = Caffeine.newBuilder()
            .expireAfterAccess(Duration.ofMinutes(5))
            .maximumSize(10_000)
            .build();

    TrialPace(DSLContext db, Settings settings) {
        this.db = db;
        this.settings = settings;
    }

    /** Waits for this host's turn, or says that too many wait already. */
    void await(String host) {
        var now = Instant.now();
        var pace = pace(host);
        var turn = next.get(host, h -> new AtomicReference<>(Instant.MIN))
                .updateAndGet(last -> last.isBefore(now) ? now.plus(pace) : last.plus(pace))
                .minus(pace);
        var wait = Duration.between(now, turn);
        if (wait.compareTo(LONGEST_WAIT) > 0) {
            throw new TooMany("This shop has been asked a lot just now; try again in a moment.", wait);
        }
        if (wait.isNegative()) {
            return;
        }
        try {
            Thread.sleep(wait.toMillis());
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private Duration pace(String host) {
        return db.select(SHOP.PACE_MS)
                .from(SHOP)
                .where(SHOP.HOST.eq(host))
                .fetchOptional(r -> Duration.ofMillis(r.value1()))
                .orElse(settings.localShopAddresses().containsKey(host) ? Duration.ZERO : OF_A_NEW_SHOP);
    }
}
