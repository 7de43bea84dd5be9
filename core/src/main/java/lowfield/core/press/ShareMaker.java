package lowfield.core.press;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;

/** Where a build's money goes. Of a build with a hidden price nothing is told, since shares would narrow it. */
public final class ShareMaker {
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

    private static Stream<LinePrice> counted(List<LinePrice> lines) {
        return lines.stream().filter(p -> p.line().counted());
    }
}
