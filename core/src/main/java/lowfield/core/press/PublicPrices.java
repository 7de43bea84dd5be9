package lowfield.core.press;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.offer.Offer;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;

/**
 * A build's prices as they may be told (rules 2). A price that its shop does not let stand is rounded to the nearest ten
 * before anything is worked out from it; every sum of the document is made of these prices and of nothing else, so that no
 * sums together tell more of a hidden price than the rounding does.
 *
 * @param hidingSellers who asks the prices that may not be told
 */
record PublicPrices(List<LinePrice> lines, CountedTotal total, Set<UUID> hidingSellers) {
    static PublicPrices of(List<LinePrice> prices, Counting counting) {
        var lines =
                PackagePrices.lumped(prices).stream().map(PublicPrices::told).toList();
        var hiding = prices.stream()
                .filter(LinePrice::isWithheld)
                .map(p -> p.offer().orElseThrow().seller().id())
                .collect(Collectors.toUnmodifiableSet());
        return new PublicPrices(lines, CountedTotal.of(lines, counting), hiding);
    }

    private static LinePrice told(LinePrice price) {
        return price.isWithheld()
                ? price.at(PublicSum.hidden(price.offer().orElseThrow().price()))
                : price;
    }

    boolean hides() {
        return !hidingSellers.isEmpty();
    }

    /**
     * Whether a change of these prices tells something of a hidden one: it is hidden itself, or the same seller's, whose
     * shipping depends on what else is bought there.
     */
    boolean tells(Stream<LinePrice> changed) {
        return changed.flatMap(p -> p.offer().stream())
                .anyMatch(o -> hidingSellers.contains(o.seller().id()) || isHidden(o));
    }

    private static boolean isHidden(Offer offer) {
        return !offer.seller().terms().mayStand();
    }
}
