package lowfield.core.offer;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lowfield.core.RuleBroken;

/** Which offers may count towards a price: states, stock, members' terms and the greatest age in days (1 to 90). */
public record PricePolicy(Set<Condition> conditions, Set<Stock> stock, boolean membersOnly, int greatestAgeDays) {
    public PricePolicy {
        conditions = Set.copyOf(conditions);
        stock = Set.copyOf(stock);
        RuleBroken.unless(!conditions.isEmpty(), "A price policy admits at least one condition; tick new, at least.");
        RuleBroken.unless(!stock.isEmpty(), "A price policy admits at least one stock state; tick in stock, at least.");
        RuleBroken.unless(
                greatestAgeDays >= 1 && greatestAgeDays <= 90,
                "The greatest age of a price is 1 to 90 days, not %d.",
                greatestAgeDays);
    }

    /** New, in stock, open to anyone, at most seven days old. */
    public static PricePolicy usual() {
        return new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.IN_STOCK, Stock.LIMITED), false, 7);
    }

    /** The same, but only what anyone can order today: in stock, and open to anyone. */
    public PricePolicy bookableByAnyone() {
        return new PricePolicy(conditions, Set.of(Stock.IN_STOCK, Stock.LIMITED), false, greatestAgeDays);
    }

    /** Why an offer may not count; empty when it may. */
    public List<String> refuse(Offer offer, Instant now) {
        var why = new ArrayList<String>();
        if (!conditions.contains(offer.condition())) {
            why.add(offer.condition().label() + " is not admitted");
        }
        if (!stock.contains(offer.stock())) {
            why.add(offer.stock().label());
        }
        if (offer.membersOnly() && !membersOnly) {
            why.add("members only");
        }
        var age = Duration.between(offer.seenAt(), now);
        if (age.compareTo(Duration.ofDays(greatestAgeDays)) > 0) {
            why.add("seen %d days ago, older than %d".formatted(age.toDays(), greatestAgeDays));
        }
        return List.copyOf(why);
    }
}
