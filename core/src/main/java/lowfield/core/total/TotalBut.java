package lowfield.core.total;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;

/**
 * The counted total of a build but for one line, so that many candidates for that line are totalled at little cost: only
 * the charge of the candidate's own seller is worked out anew. It is always what {@link CountedTotal} says of all lines.
 */
public final class TotalBut {
    private final Amount goods;
    private final Amount charges;
    private final Map<UUID, List<LinePrice>> orders;
    private final Map<UUID, Amount> chargesOfOthers;
    private final Counting counting;

    private TotalBut(
            Amount goods,
            Amount charges,
            Map<UUID, List<LinePrice>> orders,
            Map<UUID, Amount> chargesOfOthers,
            Counting counting) {
        this.goods = goods;
        this.charges = charges;
        this.orders = orders;
        this.chargesOfOthers = chargesOfOthers;
        this.counting = counting;
    }

    /** Of the lines that stay. */
    public static TotalBut of(List<LinePrice> stay, Counting counting) {
        var zero = counting.zero();
        var orders = CountedTotal.orders(stay);
        var charges = new HashMap<UUID, Amount>();
        orders.forEach((seller, order) ->
                charges.put(seller, CountedTotal.charge(order, zero).amount()));
        var ofOthers = new HashMap<UUID, Amount>();
        for (var seller : orders.keySet()) {
            var rest = new HashMap<>(charges);
            rest.remove(seller);
            ofOthers.put(seller, sum(rest.values(), zero));
        }
        return new TotalBut(
                CountedTotal.sum(stay.stream().filter(l -> l.line().counted()).toList(), zero),
                sum(charges.values(), zero),
                orders,
                ofOthers,
                counting);
    }

    /** The counted total with that line at a price. */
    public Amount with(LinePrice line) {
        return counting.total(goodsAndCharges(line));
    }

    private Amount goodsAndCharges(LinePrice line) {
        if (!line.line().counted()) {
            return counting.shipping() ? goods.plus(charges) : goods;
        }
        var all = goods.plus(line.goods());
        if (!counting.shipping()) {
            return all;
        }
        if (line.offer().isEmpty()) {
            return all.plus(charges);
        }
        var seller = line.offer().get().seller().id();
        var order = new ArrayList<>(orders.getOrDefault(seller, List.of()));
        order.add(line);
        return all.plus(chargesOfOthers.getOrDefault(seller, charges))
                .plus(CountedTotal.charge(order, counting.zero()).amount());
    }

    private static Amount sum(Iterable<Amount> amounts, Money zero) {
        var sum = Amount.of(zero);
        for (var amount : amounts) {
            sum = sum.plus(amount);
        }
        return sum;
    }
}
