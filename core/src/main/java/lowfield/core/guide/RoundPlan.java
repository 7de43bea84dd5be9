package lowfield.core.guide;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;
import lowfield.core.RuleBroken;

/**
 * When a guide's prices are refreshed by themselves: never, each day, or each week on the day on which the guide comes out,
 * at a time of the guide's zone; and whether only the shops' lists are read or pages, too.
 */
public record RoundPlan(Often often, LocalTime at, Scope scope) {
    public static final RoundPlan BY_HAND = new RoundPlan(Often.BY_HAND, LocalTime.of(5, 30), Scope.ALL);

    /** How often. */
    public enum Often {
        BY_HAND,
        DAILY,
        WEEKLY
    }

    /** What a round asks for. */
    public enum Scope {
        ALL,
        FEEDS
    }

    public RoundPlan {
        RuleBroken.unless(at.getSecond() == 0 && at.getNano() == 0, "A round is planned to the minute, like 05:30.");
    }

    /** The last planned moment that is not after another one; none when rounds are started by hand. Weeks begin on Thursday. */
    public Optional<Instant> lastBefore(Instant moment, ZoneId zone) {
        if (often == Often.BY_HAND) {
            return Optional.empty();
        }
        var local = moment.atZone(zone);
        var due = local.toLocalDate().atTime(at).atZone(zone);
        if (due.isAfter(local)) {
            due = due.minusDays(1);
        }
        while (often == Often.WEEKLY && due.getDayOfWeek() != java.time.DayOfWeek.THURSDAY) {
            due = due.minusDays(1);
        }
        return Optional.of(due.toInstant());
    }
}
