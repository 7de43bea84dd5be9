package lowfield.server.round;

import java.time.Duration;

/**
 * Keeps a shop's pace: each turn begins at least that long after the one before. Not a rate limiter, which lets two turns
 * come together where two of its periods meet.
 */
final class Pacer {
    private final long nanos;
    private long next = System.nanoTime();

    Pacer(Duration pace) {
        nanos = pace.toNanos();
    }

    /** Waits for the next turn. */
    void await() throws InterruptedException {
        var wait = next - System.nanoTime();
        if (wait > 0) {
            Thread.sleep(wait / 1_000_000, (int) (wait % 1_000_000));
        }
        // A turn that came late does not let the next ones hurry.
        next = Math.max(next + nanos, System.nanoTime() + nanos - Math.min(nanos, 2_000_000));
    }
}
