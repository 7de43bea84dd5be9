package lowfield.core.press;

import java.util.List;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;

/**
 * What a published build costs anyone today, as readers may be told: a price that may not stand is rounded before it is added,
 * as in the document, so that no day's total tells more of it than the document does (rules 2).
 */
public final class TodayTotal {
    private TodayTotal() {}

    /** By its choices and pins; exact, rounded, or not known where a part cannot be had. */
    public static Cell of(EvaluatedBuild build) {
        return of(build.availableAsPinned(), build.plan().counting());
    }

    /** The total of some prices, of which those that may not stand are rounded. */
    public static Cell of(List<LinePrice> prices, Counting counting) {
        var told = PublicPrices.of(prices, counting);
        return Cell.of(told.total().total(), told.hides());
    }
}
