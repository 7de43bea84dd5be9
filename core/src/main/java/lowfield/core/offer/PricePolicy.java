package lowfield.core.offer;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lowfield.core.RuleBroken;

/**
 * Which offers may count towards a price (rules 2).
 *
 * @param membersOnly whether prices for members count, too
 * @param greatestAgeDays how long ago a price may have been seen, 1 to 90 days
 * @param sellers who may sell, at least one
 * @param regions where the shop may sit; none means anywhere
 * @param usedReturnDays for how many days used and refurbished goods must be taken back, 0 (does not matter) to 365
 */
public record PricePolicy(
        Set<Condition> conditions,
        Set<Stock> stock,
        boolean membersOnly,
        int greatestAgeDays,
        Set<SellerKind> sellers,
        Set<String> regions,
        int usedReturnDays) {
    public PricePolicy {
        conditions = Set.copyOf(conditions);
        stock = Set.copyOf(stock);
        sellers = Set.copyOf(sellers);
        regions = Set.copyOf(regions);
        RuleBroken.unless(!conditions.isEmpty(), "A price policy admits at least one condition; tick new, at least.");
        RuleBroken.unless(!stock.isEmpty(), "A price policy admits at least one stock state; tick in stock, at least.");
        RuleBroken.unless(
                !sellers.isEmpty(), "A price policy admits at least one kind of seller; tick shops, at least.");
        RuleBroken.unless(
                greatestAgeDays >= 1 && greatestAgeDays <= 90,
                "The greatest age of a price is 1 to 90 days, not %d.",
                greatestAgeDays);
        RuleBroken.unless(
                usedReturnDays >= 0 && usedReturnDays <= 365,
                "Used goods can be asked to be taken back for 0 to 365 days, not %d.",
                usedReturnDays);
        RuleBroken.unless(
                regions.size() <= 20 && regions.stream().allMatch(r -> !r.isBlank() && r.length() <= 80),
                "A price policy names at most 20 regions, each in 1 to 80 letters.");
    }

    /** From anybody anywhere, whatever is taken back. */
    public PricePolicy(Set<Condition> conditions, Set<Stock> stock, boolean membersOnly, int greatestAgeDays) {
        this(conditions, stock, membersOnly, greatestAgeDays, Set.of(SellerKind.values()), Set.of(), 0);
    }

    /** New, in stock, open to anyone, at most seven days old. */
    public static PricePolicy usual() {
        return new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.IN_STOCK, Stock.LIMITED), false, 7);
    }

    /** The same, but only what anyone can order today: in stock, and open to anyone. */
    public PricePolicy bookableByAnyone() {
        return new PricePolicy(
                conditions,
                Set.of(Stock.IN_STOCK, Stock.LIMITED),
                false,
                greatestAgeDays,
                sellers,
                regions,
                usedReturnDays);
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
        refuseSeller(offer, why);
        var age = Duration.between(offer.seenAt(), now);
        if (age.compareTo(Duration.ofDays(greatestAgeDays)) > 0) {
            why.add("seen %d days ago, older than %d".formatted(age.toDays(), greatestAgeDays));
        }
        var terms = offer.seller().terms();
        if (!terms.mayShow(offer.seenAt(), now)) {
            why.add("its shop lets prices be shown for %d days only"
                    .formatted(terms.shownDays().orElse(0)));
        }
        return List.copyOf(why);
    }

    /**
     * The first moment after {@code now} from which, by the passing of time alone, something else would be said of an offer: it
     * becomes too old, or a day older than that, or may not be shown any more.
     */
    public Instant nextChange(Offer offer, Instant now) {
        var age = Duration.between(offer.seenAt(), now);
        var greatest = Duration.ofDays(greatestAgeDays);
        var next = age.compareTo(greatest) <= 0
                ? offer.seenAt().plus(greatest).plusNanos(1)
                : offer.seenAt().plus(Duration.ofDays(age.toDays() + 1));
        return offer.seller()
                .terms()
                .shownUntil(offer.seenAt())
                .map(last -> last.plusNanos(1))
                .filter(gone -> gone.isAfter(now) && gone.isBefore(next))
                .orElse(next);
    }

    private void refuseSeller(Offer offer, List<String> why) {
        var seller = offer.seller();
        var terms = seller.terms();
        if (!sellers.contains(seller.kind())) {
            why.add("sold by " + seller.kind().label());
        }
        if (!regions.isEmpty() && !regions.contains(terms.region())) {
            why.add(terms.region().isEmpty() ? "where it is sold from is not told" : "sold from " + terms.region());
        }
        if (usedReturnDays > 0 && offer.condition().isUsed()) {
            if (terms.returnDays().isEmpty()) {
                why.add("whether it is taken back is not told");
            } else if (terms.returnDays().get() < usedReturnDays) {
                why.add("taken back for %d days only"
                        .formatted(terms.returnDays().get()));
            }
        }
    }
}
