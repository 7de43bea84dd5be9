package lowfield.core.money;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Reads a price written as text: "309.00", "309,00 €", "1.264,80", "1,264.80", "1 264,80". The last point or comma is the
 * decimal mark when one or two digits follow it, or as many as the currency has ("1.250" is one dinar and a quarter where
 * that has three); before it, marks group by three.
 */
public final class PriceText {
    private static final Pattern FIGURE = Pattern.compile("-?[0-9][0-9.,'\\u00a0\\u202f ]*");
    private static final Pattern WHOLE =
            Pattern.compile("-?(?:[0-9]+|[0-9]{1,3}(?:\\.[0-9]{3})+|[0-9]{1,3}(?:,[0-9]{3})+)");
    private static final Pattern SPACES = Pattern.compile("['\\u00a0\\u202f ]");
    private static final Pattern MARKS = Pattern.compile("[.,]");
    private static final int LONGEST = 40;

    private PriceText() {}

    /** The figure; absent when there is none, more than one, or it can be read in two ways ("1.2.3"). */
    public static Optional<BigDecimal> parse(String text, Currency currency) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        var matcher = FIGURE.matcher(text);
        if (!matcher.find()) {
            return Optional.empty();
        }
        var figure = SPACES.matcher(matcher.group()).replaceAll("");
        return matcher.find() ? Optional.empty() : decimal(figure, Math.max(2, currency.getDefaultFractionDigits()));
    }

    private static Optional<BigDecimal> decimal(String figure, int most) {
        var mark = Math.max(figure.lastIndexOf('.'), figure.lastIndexOf(','));
        var decimals = mark < 0 ? 0 : figure.length() - mark - 1;
        if (mark < 0 || decimals == 0) {
            return grouped(decimals == 0 && mark >= 0 ? figure.substring(0, mark) : figure, "");
        }
        if (decimals <= most) {
            return grouped(figure.substring(0, mark), figure.substring(mark + 1));
        }
        return grouped(figure, "");
    }

    private static Optional<BigDecimal> grouped(String whole, String fraction) {
        if (!WHOLE.matcher(whole).matches()) {
            return Optional.empty();
        }
        var digits = MARKS.matcher(whole).replaceAll("");
        return Optional.of(new BigDecimal(fraction.isEmpty() ? digits : digits + "." + fraction));
    }
}
