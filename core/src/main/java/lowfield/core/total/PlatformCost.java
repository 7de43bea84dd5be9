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

    /** Of the lines that count; absent while one of them has no known price, or none is filled. */
    public static Optional<Money> of(List<LinePrice> lines, Money zero) {
        var prices = lines.stream()
                .filter(p -> p.line().counted() && !p.line().isEmpty())
                .filter(p -> PLATFORM.contains(p.line().slot()))
                .map(p -> p.goods().known())
                .toList();
        return prices.isEmpty() || prices.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : Optional.of(prices.stream().flatMap(Optional::stream).reduce(zero, Money::plus));
    }
}
