package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class PassingTest {
    private final AtomicLong now = new AtomicLong();
    private final AtomicInteger worked = new AtomicInteger();
    private final Cache<Integer, String> cache =
            Passing.cache().executor(Runnable::run).ticker((Ticker) now::get).build();

    private void ask(int version) {
        cache.get(version, v -> "version " + worked.incrementAndGet());
    }

    @Test
    void aNewVersionIsKeptHoweverOftenManyOldOnesWereAsked() {
        for (int version = 0; version < 3_000; version++) {
            for (int times = 0; times < 20; times++) {
                ask(version);
            }
        }
        assertThat(worked).hasValue(3_000);
        for (int times = 0; times < 20; times++) {
            ask(3_000);
        }
        assertThat(worked).hasValue(3_001);
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
