package lowfield.server.readers;

import java.io.IOException;
import java.io.OutputStream;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.function.LongSupplier;

/**
 * Sends a body within a time, all in all: a reader who takes it letter by letter would hold a thread for as long as they like.
 * Some seconds for anybody, and as much more as the body takes at a slow line's pace.
 */
final class Sending {
    private static final Duration FOR_ANY = Duration.ofSeconds(20);
    private static final int BYTES_PER_SECOND = 16 * 1024;
    private static final int PIECE = 16 * 1024;

    private Sending() {}

    static void body(byte[] body, OutputStream out, LongSupplier nanos) throws IOException {
        var end = nanos.getAsLong()
                + FOR_ANY.plusSeconds(body.length / BYTES_PER_SECOND).toNanos();
        for (int from = 0; from < body.length; from += PIECE) {
            if (nanos.getAsLong() - end > 0) {
                throw new SocketTimeoutException("what was sent was taken too slowly");
            }
            out.write(body, from, Math.min(PIECE, body.length - from));
        }
    }
}
