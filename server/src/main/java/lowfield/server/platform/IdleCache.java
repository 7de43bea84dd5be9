package lowfield.server.platform;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;

/**
 * Keeps values by what they were worked out from: the version of a row, a list of prices of one minute. What has been
 * replaced is never asked for again, however often it was asked for before. So values leave some minutes after they were
 * last asked for; a bound on their number would weigh them by use, keep the old and turn the new away.
 */
public final class IdleCache {
    private static final Duration UNASKED = Duration.ofMinutes(2);

    private IdleCache() {}

    public static Caffeine<Object, Object> cache() {
        return Caffeine.newBuilder().expireAfterAccess(UNASKED);
    }
}
