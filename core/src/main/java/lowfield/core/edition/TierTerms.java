package lowfield.core.edition;

import java.util.List;
import lowfield.core.guide.Band;
import lowfield.core.guide.UsualValues;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;
import lowfield.core.total.Adjustment;
import lowfield.core.total.Counting;
import lowfield.core.total.SalesTax;

/**
 * What a tier asks of its builds and how it counts them.
 *
 * @param tax what readers pay on top of the prices that shops show
 * @param zero nothing, in the guide's currency
 * @param year that of the edition
 * @param usual what the guide takes for figures that are rarely printed
 */
public record TierTerms(
        Band band, boolean countsShipping, SalesTax tax, Wishes wishes, int year, Money zero, UsualValues usual) {
    /** How a build of the tier is counted. */
    Counting counting(List<Adjustment> adjustments) {
        return new Counting(countsShipping, adjustments, tax, zero);
    }
}
