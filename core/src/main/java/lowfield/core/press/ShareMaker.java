package lowfield.core.press;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;

/** Where a build's money goes. Of a build with a hidden price nothing is told, since shares would narrow it. */
public final class ShareMaker {
    private static final Set<Slot> PLATFORM = Set.of(Slot.PROCESSOR, Slot.COOLER, Slot.MOTHERBOARD);

    private ShareMaker() {}

    /** The share of each counted line with a known price, in the build's order; empty while the total is not known. */
    public static List<PublishedShare> shares(List<LinePrice> lines, CountedTotal total) {
        var whole = total.total().known().map(Money::minor).filter(t -> t > 0);
        return whole.stream()
                .flatMap(t -> counted(lines)
                        .flatMap(p -> p.goods().known().stream()
                                .filter(g -> g.minor() > 0)
                                .map(g -> new PublishedShare(
                                        p.line().slot().label(), (int) Math.round(g.minor() * 1000.0 / t)))))
                .toList();
    }

    /** What CPU, cooler and motherboard cost together; absent while one of them has no known price. */
    public static Optional<Money> platform(List<LinePrice> lines, Money zero) {
        var parts = counted(lines)
                .filter(p -> PLATFORM.contains(p.line().slot()) && !p.line().isEmpty())
                .map(p -> p.goods().known())
                .toList();
        return parts.isEmpty() || parts.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : Optional.of(parts.stream().flatMap(Optional::stream).reduce(zero, Money::plus));
    }

    private static Stream<LinePrice> counted(List<LinePrice> lines) {
        return lines.stream().filter(p -> p.line().counted());
    }
}
