package lowfield.server.platform;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.time.Duration;
import java.util.function.LongSupplier;

/**
 * A request whose body has to arrive within a time, all in all: a body that drips letter by letter would hold a thread for as
 * long as its sender likes. Some seconds for anybody, and as much more as the body takes at a slow line's pace.
 */
final class TimedBody extends HttpServletRequestWrapper {
    private static final Duration FOR_ANY = Duration.ofSeconds(30);
    private static final long BYTES_PER_SECOND = 32 * 1024;

    private final LongSupplier nanos;
    private final long end;

    TimedBody(HttpServletRequest request, LongSupplier nanos) {
        super(request);
        this.nanos = nanos;
        var longest = FOR_ANY.plusSeconds(Math.max(0, request.getContentLengthLong()) / BYTES_PER_SECOND);
        end = nanos.getAsLong() + longest.toNanos();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Timed(super.getInputStream());
    }

    private final class Timed extends ServletInputStream {
        private final ServletInputStream in;

        Timed(ServletInputStream in) {
            this.in = in;
        }

        private void check() throws TooSlow {
            if (nanos.getAsLong() - end > 0) {
                throw new TooSlow();
            }
        }

        @Override
        public int read() throws IOException {
            check();
            return in.read();
        }

        @Override
        public int read(byte[] buffer, int from, int length) throws IOException {
            check();
            return in.read(buffer, from, length);
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
