package lowfield.core.offer;

import java.util.Optional;

/**
 * What a shop says of itself and allows.
 *
 * @param region where it sits; empty when it is not told
 * @param returnDays for how many days used goods can be sent back; absent when not told
 * @param mayFreeze whether its prices may stand in published editions for good
 */
public record Terms(String region, Optional<Integer> returnDays, boolean mayFreeze) {
    /** Of a shop that says nothing. */
    public static final Terms NOT_TOLD = new Terms("", Optional.empty(), true);
}
