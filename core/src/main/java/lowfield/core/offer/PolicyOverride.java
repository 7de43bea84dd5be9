package lowfield.core.offer;

import java.util.Optional;
import java.util.Set;
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
                        || conditions.isEmpty()
                                && stock.isEmpty()
                                && membersOnly.isEmpty()
                                && greatestAgeDays.isEmpty()
                                && sellers.isEmpty()
                                && regions.isEmpty()
                                && usedReturnDays.isEmpty(),
                "Say why other offers count here; 3 letters at least.");
    }

    public boolean isNone() {
        return equals(new PolicyOverride(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                why));
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
