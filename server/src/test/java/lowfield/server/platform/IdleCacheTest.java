package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class IdleCacheTest {
    private final AtomicLong now = new AtomicLong();
    private final AtomicInteger worked = new AtomicInteger();
    private final Cache<Integer, String> cache =
            IdleCache.cache().executor(Runnable::run).ticker((Ticker) now::get).build();

    private void ask(int version) {
        cache.get(version, v -> "version " + worked.incrementAndGet());
    }

    /** Each minute has values of its own, three of them, which are asked for by turns; a bounded cache turns them away. */
    @Test
    void newValuesAreKeptHoweverOftenManyOldOnesWereAsked() {
        for (int minute = 0; minute < 1_000; minute++) {
            for (int times = 0; times < 20; times++) {
                for (int value = 0; value < 3; value++) {
                    ask(3 * minute + value);
                }
            }
        }
        assertThat(worked).hasValue(3_000);
    }

    @Test
    void whatNobodyAsksForLeaves() {
        ask(1);
        now.addAndGet(Duration.ofMinutes(1).toNanos());
        ask(2);
        now.addAndGet(Duration.ofSeconds(90).toNanos());
        cache.cleanUp();
        assertThat(cache.asMap()).containsOnlyKeys(2);
    }
}
