package lowfield.core.fact;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.PublishedBuild;
import lowfield.core.money.Money;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PlatformCost;

/** Facts as they are found, each path once, and how prices and totals become facts. */
final class FactList {
    private final Map<String, Fact> byPath = new LinkedHashMap<>();

    Map<String, Fact> byPath() {
        return byPath;
    }

    void add(String path, String label, FactValue value) {
        byPath.putIfAbsent(path, new Fact(path, label, value));
    }

    /**
     * A difference as two facts, of which one is told: by how much it is more, and by how much it is less. A sentence that says
     * "{{below.more}} more" is found out when the sign turns, and one that merely gets another figure stays true.
     */
    void against(String path, String label, Difference difference) {
        add(path + ".more", label + ": more by", difference.more());
        add(path + ".less", label + ": less by", difference.less());
    }

    static FactValue sum(LinePrice price) {
        if (price.in().isPresent()) {
            return new FactValue.Words("included");
        }
        return price.isWithheld()
                ? new FactValue.Withheld()
                : known(price.goods().known(), "there is no price");
    }

    static FactValue total(EvaluatedBuild of) {
        return ofWhole(of, of.total().total().known());
    }

    /** How much more a build's total is than the last edition told of it. */
    static Difference change(EvaluatedBuild of) {
        var before = of.plan().last().flatMap(PublishedBuild::total);
        return new Difference(
                of.total().total().known().flatMap(now -> before.map(now::minus)),
                hides(of),
                "the last edition has no total of this build, or a price is missing");
    }

    /** What CPU, cooler and motherboard of a build cost together. */
    static FactValue platform(EvaluatedBuild of) {
        return ofWhole(of, PlatformCost.of(of.prices(), of.plan().terms().zero()));
    }

    /** A sum of a build's prices, in which none may be hidden. */
    private static FactValue ofWhole(EvaluatedBuild build, Optional<Money> sum) {
        return hides(build) ? new FactValue.Withheld() : known(sum, "a price is missing");
    }

    private static FactValue known(Optional<Money> sum, String why) {
        return sum.<FactValue>map(FactValue.Sum::new).orElseGet(() -> notKnown(why));
    }

    /** What a build draws at its sustained peak. */
    static FactValue peak(EvaluatedBuild of) {
        return of.peak()
                .watts()
                .value()
                .<FactValue>map(w -> new FactValue.Words(w + " W"))
                .orElseGet(() -> notKnown("a figure for it is missing"));
    }

    /** Whether a price in it may not be printed: then no sum that it is in is told, since the page's own are rounded otherwise. */
    static boolean hides(EvaluatedBuild build) {
        return build.prices().stream().anyMatch(LinePrice::isWithheld);
    }

    static FactValue notKnown(String why) {
        return new FactValue.NotKnown(why);
    }
}
