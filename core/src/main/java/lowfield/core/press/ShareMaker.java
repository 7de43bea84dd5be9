package lowfield.core.press;

import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrice;

/** Where a build's money goes. Of a build with a hidden price nothing is told, since shares would narrow it. */
public final class ShareMaker {
    private ShareMaker() {}

    /** The share of each counted line with a known price, and of each package, in the build's order; empty while the total is not known. */
    public static List<PublishedShare> shares(List<LinePrice> lines, CountedTotal total) {
        var packaged = new HashSet<UUID>();
        var whole = total.total().known().map(Money::minor).filter(t -> t > 0);
        return whole.stream()
                .flatMap(t -> counted(lines)
                        .filter(p -> p.in().map(of -> packaged.add(of.id())).orElse(true))
                        .flatMap(p -> of(p).known().stream()
                                .filter(g -> g.minor() > 0)
                                .map(g -> new PublishedShare(name(p), (int) Math.round(g.minor() * 1000.0 / t)))))
                .toList();
    }

    /** A package is one: what a part of it bears is no price. */
    private static Amount of(LinePrice price) {
        return price.in().flatMap(PackagePrice::price).map(Amount::of).orElse(price.goods());
    }

    private static String name(LinePrice price) {
        return price.in().map(PackagePrice::name).orElse(price.line().slot().label());
    }

    private static Stream<LinePrice> counted(List<LinePrice> lines) {
        return lines.stream().filter(p -> p.line().counted());
    }
}
