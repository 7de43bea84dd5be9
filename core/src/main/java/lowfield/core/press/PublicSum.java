package lowfield.core.press;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;

/**
 * A sum as the author sees it, and as it may be told in a published edition (rules 2): there, each price that may not stand
 * is rounded to the nearest ten before it is added.
 */
public record PublicSum(Money exact, Money told) {
    public static PublicSum of(Money typed) {
        return new PublicSum(typed, typed);
    }

    /** With so many pieces at a price that its shop lets stand, or not. */
    public PublicSum plus(Money price, int quantity, boolean mayStand) {
        return new PublicSum(
                exact.plus(price.times(quantity)), told.plus((mayStand ? price : hidden(price)).times(quantity)));
    }

    /** What stands for a price that may not be told: the nearest ten of its currency. */
    static Money hidden(Money price) {
        return price.toTens();
    }

    /** The goods of the counted lines; absent when one has no exact price. */
    public static Optional<PublicSum> ofGoods(List<LinePrice> lines, Money zero) {
        var sum = Optional.of(of(zero));
        for (var line : PackagePrices.lumped(lines)) {
            if (line.line().counted()) {
                var before = sum;
                sum = line.goods().known().flatMap(goods -> before.map(b -> b.plus(line, goods)));
            }
        }
        return sum;
    }

    private PublicSum plus(LinePrice line, Money goods) {
        if (line.in().isPresent()) {
            return plus(goods, 1, !line.isWithheld());
        }
        return line.isWithheld()
                ? plus(line.offer().orElseThrow().price(), line.line().quantity(), false)
                : plus(goods, 1, true);
    }
}
