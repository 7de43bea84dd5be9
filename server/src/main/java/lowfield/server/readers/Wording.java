package lowfield.server.readers;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.TextStyle;
import java.time.temporal.ChronoField;
import java.util.Currency;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;

/** Sums, days and bands as readers of a guide read them: in its language, currency and zone. */
record Wording(Locale locale, ZoneId zone, Currency currency) {
    static Wording of(Publication.Guide guide) {
        return new Wording(Locale.forLanguageTag(guide.locale()), guide.zone(), guide.currency());
    }

    String month(LocalDate period) {
        return period.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, locale) + " " + period.getYear();
    }

    String date(Instant instant) {
        return DateTimeFormatter.ofPattern("d MMMM yyyy", locale).format(instant.atZone(zone));
    }

    /** A sum without its sign, and without minor units where there are none: "50". */
    String round(Money sum) {
        var said = money(Math.abs(sum.minor()), sum.currency());
        return said.replaceFirst("[.,]0+$", "");
    }

    String money(Money sum) {
        return money(sum.minor(), sum.currency());
    }

    String money(long minor, Currency currency) {
        var digits = Math.max(0, currency.getDefaultFractionDigits());
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(BigDecimal.valueOf(minor, digits));
    }

    /** A sum, or about what it is thought to be. */
    String about(Cell cell) {
        if (cell instanceof Cell.Exact exact) {
            return money(exact.sum());
        }
        if (cell instanceof Cell.Rounded rounded) {
            return "about " + money(rounded.sum());
        }
        if (cell instanceof Cell.Estimated estimated) {
            return "about " + money(estimated.likely());
        }
        if (cell instanceof Cell.Included included) {
            return included.swap().map(s -> "included, " + signed(s)).orElse("included");
        }
        return cell.isWithheld() ? "see the shop" : "not known";
    }

    /** From where to where something is estimated; empty when it is not. */
    String range(Cell cell) {
        return cell.estimated()
                .map(e -> money(e.low()) + " to " + money(e.high()))
                .orElse("");
    }

    /** A sum, or an estimate with its range. */
    String whole(Cell cell) {
        return cell instanceof Cell.Estimated ? about(cell) + ", " + range(cell) : about(cell);
    }

    /** A difference with its sign; nothing when it is not told. */
    String signed(Cell difference) {
        return difference
                .likeliest()
                .map(sum -> (isExact(difference) ? "" : "about ") + signed(sum))
                .orElse("");
    }

    /** "63.90 less", "about 20 more"; empty where it is not told. */
    String byHowMuch(Cell difference) {
        return difference
                .likeliest()
                .map(sum -> sum.minor() == 0
                        ? "the same"
                        : (isExact(difference) ? "" : "about ")
                                + money(Math.abs(sum.minor()), sum.currency())
                                + (sum.minor() > 0 ? " more" : " less"))
                .orElse("");
    }

    private static boolean isExact(Cell cell) {
        return cell instanceof Cell.Exact;
    }

    String signed(Money difference) {
        var sign = difference.minor() > 0 ? "+" : difference.minor() < 0 ? "−" : "±";
        return sign + money(Math.abs(difference.minor()), difference.currency());
    }

    /** An index, of tenths of a point. */
    String index(long tenths) {
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(1);
        return format.format(BigDecimal.valueOf(tenths, 1));
    }

    /** English months have three letters here: what Java calls short differs from one of its versions to the next. */
    DateTimeFormatter day() {
        var months = Stream.of(Month.values()).collect(Collectors.toMap(m -> (long) m.getValue(), this::shortened));
        return new DateTimeFormatterBuilder()
                .appendPattern("d ")
                .appendText(ChronoField.MONTH_OF_YEAR, months)
                .appendPattern(" yyyy")
                .toFormatter(locale);
    }

    private String shortened(Month month) {
        return locale.getLanguage().equals("en")
                ? month.getDisplayName(TextStyle.FULL, locale).substring(0, 3)
                : month.getDisplayName(TextStyle.SHORT, locale);
    }

    String band(Band band) {
        if (band instanceof Band.FromTo ends) {
            return money(ends.from()) + " to " + money(ends.to());
        }
        return band instanceof Band.Point point
                ? money(point.point()) + " ±" + percent(point.tolerancePermille()) + "%"
                : "no ceiling";
    }

    /** With its decimal always, so that shares stand under each other: "5.0%". */
    static String share(int permille) {
        return BigDecimal.valueOf(permille, 1).toPlainString() + "%";
    }

    static String percent(int permille) {
        return BigDecimal.valueOf(permille, 1).stripTrailingZeros().toPlainString();
    }
}
