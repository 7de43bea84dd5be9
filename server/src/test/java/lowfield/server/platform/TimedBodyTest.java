package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

/** Bodies that drip. */
class TimedBodyTest {
    private static final long SECOND = 1_000_000_000L;

    private final AtomicLong now = new AtomicLong();

    private TimedBody sent(int bytes) {
        var request = new MockHttpServletRequest("POST", "/api/guides");
        request.setContent(new byte[bytes]);
        return new TimedBody(request, now::get);
    }

    @Test
    void aBodyThatArrivesInTimeIsReadWhole() throws IOException {
        assertThat(sent(100_000).getInputStream().readAllBytes()).hasSize(100_000);
    }

    @Test
    void aBodyThatDripsIsGivenUp() throws IOException {
        var in = sent(100).getInputStream();
        for (int second = 0; second < 30; second++) {
            now.addAndGet(SECOND);
            assertThat(in.read()).isZero();
        }
        now.addAndGet(1);
        assertThatThrownBy(in::read).isInstanceOf(SocketTimeoutException.class);
    }

    @Test
    void aLargeBodyHasLonger() throws IOException {
        var in = sent(32 * 1024 * 60).getInputStream();
        now.addAndGet(80 * SECOND);
        assertThat(in.read()).isZero();
        now.addAndGet(11 * SECOND);
        assertThatThrownBy(in::read).isInstanceOf(SocketTimeoutException.class);
    }
}
