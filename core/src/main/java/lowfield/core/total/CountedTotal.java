package lowfield.core.total;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Seller;

/**
 * The one definition of a tier's total: the goods of its counted lines at their chosen offers and, when the tier counts
 * shipping, the charges of exactly those sellers. A seller charges once an order: nothing from its free-shipping threshold
 * on, else the highest of its lines' shipping alone. Adjustments are added then, and sales tax last where the band is about
 * it. Uncounted lines have a sum of their own beside it.
 *
 * @param counting by which it was counted
 * @param beforeTax goods, charges and adjustments; the total itself where the band is not about sales tax
 */
public record CountedTotal(
        Amount total, Amount goods, List<Charge> charges, Counting counting, Amount beforeTax, Amount uncounted) {
    /** What one seller takes for shipping the counted lines bought there. */
    public record Charge(Seller seller, Amount amount) {}

    public static CountedTotal of(List<LinePrice> lines, Counting counting) {
        var zero = counting.zero();
        var goods = sum(lines.stream().filter(l -> l.line().counted()).toList(), zero);
        var uncounted = sum(lines.stream().filter(l -> !l.line().counted()).toList(), zero);
        var charges = counting.shipping() ? charges(lines, zero) : List.<Charge>of();
        var sum = charges.stream().map(Charge::amount).reduce(goods, Amount::plus);
        return new CountedTotal(
                counting.total(sum), goods, charges, counting, sum.plus(Amount.of(counting.adjusted())), uncounted);
    }

    /** Sales tax on it; absent where prices hold their tax. */
    public Optional<Amount> tax() {
        return Optional.of(counting.tax()).filter(SalesTax::isAsked).map(t -> t.on(beforeTax));
    }

    /** With sales tax, whether or not the band is about it; absent where prices hold their tax. */
    public Optional<Amount> withTax() {
        return tax().map(beforeTax::plus);
    }

    /** With everything that is optional. */
    public Amount withOptional() {
        return total.plus(
                counting.tax().isInBand() ? uncounted.plus(counting.tax().on(uncounted)) : uncounted);
    }

    static Amount sum(List<LinePrice> lines, Money zero) {
        return lines.stream().map(LinePrice::goods).reduce(Amount.of(zero), Amount::plus);
    }

    private static List<Charge> charges(List<LinePrice> lines, Money zero) {
        return orders(lines).values().stream().map(order -> charge(order, zero)).toList();
    }

    /** The counted lines by the seller they are bought from. */
    static Map<UUID, List<LinePrice>> orders(List<LinePrice> lines) {
        var orders = new LinkedHashMap<UUID, List<LinePrice>>();
        for (var line : lines) {
            if (line.line().counted()) {
                line.offer()
                        .ifPresent(o -> orders.computeIfAbsent(o.seller().id(), id -> new ArrayList<>())
                                .add(line));
            }
        }
        return orders;
    }

    static Charge charge(List<LinePrice> order, Money zero) {
        var seller = order.get(0).offer().orElseThrow().seller();
        var goods = Money.sum(
                order.stream().map(l -> l.goods().known().orElseThrow()).toList(), zero.currency());
        if (seller.freeFrom().filter(from -> goods.compareTo(from) >= 0).isPresent()) {
            return new Charge(seller, Amount.of(zero));
        }
        var stated = order.stream()
                .map(l -> l.offer().orElseThrow().shippingAlone())
                .flatMap(Optional::stream)
                .toList();
        if (stated.size() < order.size()) {
            return new Charge(seller, Amount.notKnown("shipping at " + seller.label() + " is not stated"));
        }
        return new Charge(
                seller, Amount.of(stated.stream().max(Comparator.naturalOrder()).orElse(zero)));
    }
}
