package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** A body goes out whole, or is broken off when its reader takes too long over it. */
class SendingTest {
    private final byte[] body = new byte[200_000];
    private final AtomicLong clock = new AtomicLong();

    SendingTest() {
        new Random(20270105).nextBytes(body);
    }

    @Test
    void aBodyGoesOutWhole() throws IOException {
        var out = new ByteArrayOutputStream();
        Sending.body(body, out, clock::get);
        assertThat(out.toByteArray()).isEqualTo(body);
    }

    @Test
    void aReaderOfASlowLineGetsAllOfIt() throws IOException {
        var out = new AtomicInteger();
        Sending.body(body, slow(Duration.ofSeconds(2), out), clock::get);
        assertThat(out.get()).isEqualTo(body.length);
    }

    @Test
    void whoTakesItTooSlowlyIsLeft() {
        var out = new AtomicInteger();
        assertThatThrownBy(() -> Sending.body(body, slow(Duration.ofSeconds(4), out), clock::get))
                .isInstanceOf(SocketTimeoutException.class);
        assertThat(out.get()).isLessThan(body.length);
    }

    /** Takes a piece in this time. */
    private OutputStream slow(Duration piece, AtomicInteger taken) {
        return new OutputStream() {
            @Override
            public void write(int one) {
                throw new IllegalStateException("letter by letter");
            }

            @Override
            public void write(byte[] from, int start, int length) {
                clock.addAndGet(piece.toNanos());
                taken.addAndGet(length);
            }
        };
    }
}
