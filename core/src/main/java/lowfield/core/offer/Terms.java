package lowfield.core.offer;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * What a shop says of itself and allows.
 *
 * @param region where it sits; empty when it is not told
 * @param returnDays for how many days used goods can be sent back; absent when not told
 * @param mayFreeze whether its prices may be frozen at all
 * @param shownDays for how many days a price may be shown after it was seen; absent without end
 */
public record Terms(String region, Optional<Integer> returnDays, boolean mayFreeze, Optional<Integer> shownDays) {
    /** Of a shop that says nothing. */
    public static final Terms NOT_TOLD = new Terms("", Optional.empty(), true, Optional.empty());

    /** Whether its prices may stand in published editions for good: what it lends for some days may not. */
    public boolean mayStand() {
        return mayFreeze && shownDays.isEmpty();
    }

    /** Whether a price seen at a moment may still be shown. */
    boolean mayShow(Instant seen, Instant now) {
        return shownUntil(seen).map(last -> !now.isAfter(last)).orElse(true);
    }

    /** The last moment at which a price may be shown that was seen at a moment; absent without end. */
    Optional<Instant> shownUntil(Instant seen) {
        return shownDays.map(days -> seen.plus(Duration.ofDays(days)));
    }
}
