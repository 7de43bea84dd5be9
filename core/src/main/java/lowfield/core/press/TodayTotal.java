package lowfield.core.press;

import lowfield.core.edition.EvaluatedBuild;

/**
 * What a published build costs anyone today, as readers may be told: a price that may not stand is rounded before it is added,
 * as in the document, so that no day's total tells more of it than the document does (rules 2).
 */
public final class TodayTotal {
    private TodayTotal() {}

    /** Exact, rounded, or not known where a part cannot be had. */
    public static Cell of(EvaluatedBuild build) {
        var prices = PublicPrices.of(build.availablePrices(), build.plan().counting());
        return Cell.of(prices.total().total(), prices.hides());
    }
}
