package lowfield.core.edition;

import lowfield.core.guide.Band;
import lowfield.core.guide.UsualValues;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;

/**
 * What a tier asks of its builds and how it counts them.
 *
 * @param zero nothing, in the guide's currency
 * @param year that of the edition
 * @param usual what the guide takes for figures that are rarely printed
 */
public record TierTerms(Band band, boolean countsShipping, Wishes wishes, int year, Money zero, UsualValues usual) {}
