package lowfield.server.readers;

import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.stereotype.Component;

/** So many readers may ask the database at once; edits need the rest of its connections. They wait, and never for long. */
@Component
class Turns {
    private static final int MOST_ASKING = 6;
    private static final long LONGEST_WAIT_SECONDS = 3;

    private final Semaphore asking = new Semaphore(MOST_ASKING);

    <T> Optional<T> ask(Supplier<Optional<T>> question) {
        try {
            if (!asking.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new QueryTimeoutException("too many readers ask at once");
            }
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new QueryTimeoutException("stopped");
        }
        try {
            return question.get();
        } finally {
            asking.release();
        }
    }
}
