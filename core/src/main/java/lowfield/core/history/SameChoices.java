package lowfield.core.history;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.money.Money;
import lowfield.core.press.PublicSum;

/** The counted goods of a list that stays as it is while prices move: what the same choices cost on another day. */
public record SameChoices(List<Item> items) {
    /** What is bought: the cheapest of some parts, so many of it. */
    public record Item(List<UUID> anyOf, int quantity) {}

    /** What a part was to be had for on a day, and whether the shop lets the price stand in published editions. */
    public record DayPrice(Money price, boolean mayStand) {}

    /** What the items cost on a day, on top of what has a typed price; absent when one of them was not to be had. */
    public Optional<PublicSum> goods(Money typed, Function<UUID, Optional<DayPrice>> prices) {
        var sum = Optional.of(PublicSum.of(typed));
        for (var item : items) {
            sum = sum.flatMap(before ->
                    cheapest(item, prices).map(found -> before.plus(found.price(), item.quantity(), found.mayStand())));
        }
        return sum;
    }

    private static Optional<DayPrice> cheapest(Item item, Function<UUID, Optional<DayPrice>> prices) {
        return item.anyOf().stream()
                .flatMap(part -> prices.apply(part).stream())
                .min(Comparator.comparing(DayPrice::price));
    }
}
