package lowfield.server.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.function.LongSupplier;

/**
 * How often one address may ask: so many a second in the long run, and a burst at once. Of IPv6 the first 64 bits count, since
 * one subscriber has all that follow. An address that was quiet for a minute is forgotten; only so many are remembered.
 */
public final class Pace {
    private static final int MOST_ADDRESSES = 50_000;
    private static final int IPV6_PREFIX = 8;
    private static final double NANOS = 1e9;

    private final double perSecond;
    private final double burst;
    private final LongSupplier nanos;
    private final Cache<String, Left> left = Caffeine.newBuilder()
            .maximumSize(MOST_ADDRESSES)
            .expireAfterAccess(Duration.ofMinutes(1))
            .build();

    /** What an address may still ask at a moment, and whether it just did. */
    private record Left(double requests, long at, boolean isAllowed) {}

    /**
     * @param perSecond requests in the long run; none where nothing is limited
     * @param burst requests at once
     * @param nanos a clock that only goes on
     */
    public Pace(int perSecond, int burst, LongSupplier nanos) {
        this.perSecond = perSecond;
        this.burst = burst;
        this.nanos = nanos;
    }

    /** Whether it may ask now; each yes is one of its requests. */
    public boolean allows(String address) {
        if (perSecond <= 0) {
            return true;
        }
        var now = nanos.getAsLong();
        var after = left.asMap().compute(subscriber(address), (who, before) -> taken(before, now));
        return after.isAllowed();
    }

    /** One less than it has by now; who has less than one keeps it, so that asking on costs nothing. */
    private Left taken(@org.jspecify.annotations.Nullable Left before, long now) {
        var had = before == null ? burst : Math.min(burst, before.requests() + (now - before.at()) / NANOS * perSecond);
        return had >= 1 ? new Left(had - 1, now, true) : new Left(had, now, false);
    }

    private static String subscriber(String address) {
        try {
            // Digits only: a name would be looked up.
            if (address.indexOf(':') >= 0 && InetAddress.getByName(address) instanceof Inet6Address six) {
                return HexFormat.of().formatHex(Arrays.copyOf(six.getAddress(), IPV6_PREFIX));
            }
        } catch (UnknownHostException odd) {
            return address;
        }
        return address;
    }
}
