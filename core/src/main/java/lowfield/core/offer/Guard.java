package lowfield.core.offer;

import java.util.Optional;
import lowfield.core.money.Money;

/**
 * The simplest guard against wrong prices: a price below 65% or above 160% of the last accepted one is set aside for a
 * person. Without an earlier price there is nothing to compare, and it is accepted.
 */
public record Guard(int lowestPercent, int highestPercent) {
    public static final Guard USUAL = new Guard(65, 160);

    /** Whether a seen price may count at once, and in a sentence why not. */
    public record Judgement(boolean accepted, String why) {}

    public Judgement judge(Optional<Money> lastAccepted, Money seen) {
        if (lastAccepted.isEmpty()) {
            return new Judgement(true, "first price seen");
        }
        var last = lastAccepted.get();
        if (seen.times(100).compareTo(last.times(lowestPercent)) < 0) {
            return new Judgement(
                    false, "%s is under %d%% of the last accepted %s".formatted(seen, lowestPercent, last));
        }
        if (seen.times(100).compareTo(last.times(highestPercent)) > 0) {
            return new Judgement(
                    false, "%s is over %d%% of the last accepted %s".formatted(seen, highestPercent, last));
        }
        return new Judgement(
                true, "within %d to %d%% of the last accepted %s".formatted(lowestPercent, highestPercent, last));
    }
}
