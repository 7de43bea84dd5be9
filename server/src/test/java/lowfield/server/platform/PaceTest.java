package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How often an address may ask. */
class PaceTest {
    private static final long SECOND = 1_000_000_000L;

    private final AtomicLong now = new AtomicLong();
    private final Pace pace = new Pace(5, 20, now::get);

    private long allowed(String address, int times) {
        return IntStream.range(0, times).filter(n -> pace.allows(address)).count();
    }

    @Test
    void aBurstIsLetThroughAndThenSoManyASecond() {
        assertThat(allowed("192.0.2.1", 100)).isEqualTo(20);
        now.addAndGet(SECOND);
        assertThat(allowed("192.0.2.1", 100)).isEqualTo(5);
        now.addAndGet(60 * SECOND);
        assertThat(allowed("192.0.2.1", 100)).isEqualTo(20);
    }

    @Test
    void whoeverAsksOnAndOnGetsWhatOthersGetToo() {
        allowed("192.0.2.1", 20);
        var allowed = 0;
        for (int n = 0; n < 1_000; n++) {
            now.addAndGet(SECOND / 100);
            allowed += pace.allows("192.0.2.1") ? 1 : 0;
        }
        assertThat(allowed).isBetween(45, 51);
    }

    @Test
    void oneAddressDoesNotCostAnother() {
        allowed("192.0.2.1", 100);
        assertThat(allowed("192.0.2.2", 100)).isEqualTo(20);
    }

    @Test
    void aSubscriberOfTheNewInternetIsOne() {
        assertThat(allowed("2001:db8:1:2::1", 100)).isEqualTo(20);
        assertThat(allowed("2001:db8:1:2:ffff:ffff:ffff:ffff", 100)).isZero();
        assertThat(allowed("2001:db8:1:3::1", 100)).isEqualTo(20);
    }

    @Test
    void whereNothingIsLimitedEverythingIsAllowed() {
        var open = new Pace(0, 0, now::get);
        assertThat(IntStream.range(0, 1_000).allMatch(n -> open.allows("192.0.2.1")))
                .isTrue();
    }
}
