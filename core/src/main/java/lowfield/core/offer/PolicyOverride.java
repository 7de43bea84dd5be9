package lowfield.core.offer;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lowfield.core.RuleBroken;

/**
 * Where a tier, a build or a line admits other offers than the guide: the fields of its price policy that differ, with the
 * reason. What is admitted here counts nowhere else.
 */
public record PolicyOverride(
        Optional<Set<Condition>> conditions,
        Optional<Set<Stock>> stock,
        Optional<Boolean> membersOnly,
        Optional<Integer> greatestAgeDays,
        Optional<Set<SellerKind>> sellers,
        Optional<Set<String>> regions,
        Optional<Integer> usedReturnDays,
        String why) {
    /** Nothing differs. */
    public static final PolicyOverride NONE = new PolicyOverride(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            "");

    public PolicyOverride {
        RuleBroken.unless(why.length() <= 500, "The reason for other offers takes at most 500 letters.");
        RuleBroken.unless(
                why.strip().length() >= 3
                        || nothing(conditions, stock, membersOnly, greatestAgeDays, sellers, regions, usedReturnDays),
                "Say why other offers count here; 3 letters at least.");
    }

    public boolean isNone() {
        return nothing(conditions, stock, membersOnly, greatestAgeDays, sellers, regions, usedReturnDays);
    }

    private static boolean nothing(Optional<?>... fields) {
        return Stream.of(fields).allMatch(Optional::isEmpty);
    }

    /** What this says, where another does not say otherwise. */
    public PolicyOverride and(PolicyOverride other) {
        return new PolicyOverride(
                other.conditions.or(() -> conditions),
                other.stock.or(() -> stock),
                other.membersOnly.or(() -> membersOnly),
                other.greatestAgeDays.or(() -> greatestAgeDays),
                other.sellers.or(() -> sellers),
                other.regions.or(() -> regions),
                other.usedReturnDays.or(() -> usedReturnDays),
                other.why.isBlank() ? why : other.why);
    }

    /** The policy with the fields that differ here. */
    public PricePolicy over(PricePolicy base) {
        return isNone()
                ? base
                : new PricePolicy(
                        conditions.orElse(base.conditions()),
                        stock.orElse(base.stock()),
                        membersOnly.orElse(base.membersOnly()),
                        greatestAgeDays.orElse(base.greatestAgeDays()),
                        sellers.orElse(base.sellers()),
                        regions.orElse(base.regions()),
                        usedReturnDays.orElse(base.usedReturnDays()));
    }
}
