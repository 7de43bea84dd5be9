package lowfield.core.offer;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lowfield.core.RuleBroken;
import lowfield.core.Text;

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

    /** The rules that exclude an offer however fresh it is, each in a sentence; empty where none does. */
    public List<String> excluding(Offer offer) {
        var rules = new ArrayList<String>();
        if (!conditions.contains(offer.condition())) {
            rules.add(
                    "Your policy counts " + words(conditions.stream().sorted().map(Condition::label)) + " goods only.");
        }
        if (!stock.contains(offer.stock())) {
            rules.add("Your policy counts goods that are "
                    + words(stock.stream().sorted().map(Stock::label)) + " only.");
        }
        if (offer.membersOnly() && !membersOnly) {
            rules.add("Your policy excludes members' prices.");
        }
        var terms = offer.seller().terms();
        if (!sellers.contains(offer.seller().kind())) {
            rules.add(
                    sellers.contains(SellerKind.SHOP)
                            ? "Your policy counts shops only."
                            : "Your policy counts marketplace and private sellers only.");
        }
        if (!regions.isEmpty() && !regions.contains(terms.region())) {
            rules.add("Your policy counts sellers in " + words(regions.stream().sorted()) + " only.");
        }
        if (usedReturnDays > 0
                && offer.condition().isUsed()
                && terms.returnDays().orElse(0) < usedReturnDays) {
            rules.add("Your policy counts used goods only with a return period of %d days.".formatted(usedReturnDays));
        }
        return List.copyOf(rules);
    }

    private static String words(Stream<String> of) {
        return Text.listed(of.toList(), "and");
    }

    /** Whether nothing but the time since it was seen keeps an offer from counting. */
    public boolean isOnlyTooOld(Offer offer, Instant now) {
        return !refuse(offer, now).isEmpty() && refuse(offer, offer.seenAt()).isEmpty();
    }

    /**
     * What a policy that lets an offer count says otherwise than this one, with the reason; nothing where the offer counts as
     * soon as it is fresh.
     */
    public PolicyOverride admitting(Offer offer, String why) {
        var terms = offer.seller().terms();
        var takesBack = usedReturnDays == 0
                || !offer.condition().isUsed()
                || terms.returnDays().orElse(0) >= usedReturnDays;
        return new PolicyOverride(
                and(conditions, offer.condition()),
                and(stock, offer.stock()),
                offer.membersOnly() && !membersOnly ? Optional.of(true) : Optional.empty(),
                Optional.empty(),
                and(sellers, offer.seller().kind()),
                regions.isEmpty() || regions.contains(terms.region())
                        ? Optional.empty()
                        : Optional.of(terms.region().isEmpty() ? Set.of() : with(regions, terms.region())),
                takesBack ? Optional.empty() : Optional.of(terms.returnDays().orElse(0)),
                why);
    }

    /** A set with one more; absent where it is in it. */
    private static <T> Optional<Set<T>> and(Set<T> admitted, T one) {
        return admitted.contains(one) ? Optional.empty() : Optional.of(with(admitted, one));
    }

    private static <T> Set<T> with(Set<T> admitted, T one) {
        var all = new HashSet<>(admitted);
        all.add(one);
        return all;
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
