package lowfield.server.exchange;

import java.security.SecureRandom;
import java.time.Instant;
import java.util.UUID;

/**
 * Identifiers in the order in which they are made (version 7 of RFC 9562), so that the many rows of one file lie side by
 * side in their indexes. The counter is the last 32 bits; what is before it is the time and chance.
 */
final class OrderedIds {
    private static final long VERSION = 0x7000;
    private static final long VARIANT = 0x8000_0000_0000_0000L;

    private final long high;
    private final long low;
    private int made;

    OrderedIds(Instant now, SecureRandom chance) {
        high = now.toEpochMilli() << 16 | VERSION | chance.nextInt(1 << 12);
        low = VARIANT | (long) chance.nextInt(1 << 30) << 32;
    }

    UUID next() {
        return new UUID(high, low | made++);
    }
}
