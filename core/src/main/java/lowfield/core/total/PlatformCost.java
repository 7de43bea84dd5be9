package lowfield.core.total;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;

/** What CPU, cooler and motherboard cost together: they are chosen, and changed, as one. */
public final class PlatformCost {
    private static final Set<Slot> PLATFORM = Set.of(Slot.PROCESSOR, Slot.COOLER, Slot.MOTHERBOARD);

    private PlatformCost() {}

    /** Whether a package holds one of the three and something else, so that what the one bears is no price. */
    private static boolean sharesAPackage(List<LinePrice> lines) {
        var packages = lines.stream()
                .filter(p -> PLATFORM.contains(p.line().slot()))
                .flatMap(p -> p.in().stream())
                .toList();
        return lines.stream()
                .filter(p -> !PLATFORM.contains(p.line().slot()))
                .anyMatch(p -> p.in().filter(packages::contains).isPresent());
    }

    /** Of the lines that count; absent while one of them has no known price, a package holds one and other parts, or none is filled. */
    public static Optional<Money> of(List<LinePrice> lines, Money zero) {
        var prices = lines.stream()
                .filter(p -> p.line().counted() && !p.line().isEmpty())
                .filter(p -> PLATFORM.contains(p.line().slot()))
                .map(p -> p.goods().known())
                .toList();
        return prices.isEmpty() || sharesAPackage(lines) || prices.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : Optional.of(prices.stream().flatMap(Optional::stream).reduce(zero, Money::plus));
    }
}
