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
 * on, else the highest of its lines' shipping alone. Uncounted lines have a sum of their own beside it.
 */
public record CountedTotal(Amount total, Amount goods, List<Charge> charges, Amount uncounted) {
    /** What one seller takes for shipping the counted lines bought there. */
    public record Charge(Seller seller, Amount amount) {}

    public static CountedTotal of(List<LinePrice> lines, boolean countsShipping, Money zero) {
        var goods = sum(lines.stream().filter(l -> l.line().counted()).toList(), zero);
        var uncounted = sum(lines.stream().filter(l -> !l.line().counted()).toList(), zero);
        var charges = countsShipping ? charges(lines, zero) : List.<Charge>of();
        var total = charges.stream().map(Charge::amount).reduce(goods, Amount::plus);
        return new CountedTotal(total, goods, charges, uncounted);
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
