package lowfield.server.readers;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Currency;
import java.util.Locale;
import lowfield.server.archive.Published;
import lowfield.server.guide.BandForm;
import org.jspecify.annotations.Nullable;

/** Sums, days and bands as readers of a guide read them: in its language, currency and zone. */
record Wording(Locale locale, ZoneId zone, Currency currency) {
    static Wording of(Published.OfGuide guide) {
        return new Wording(
                Locale.forLanguageTag(guide.locale()), ZoneId.of(guide.zone()), Currency.getInstance(guide.currency()));
    }

    String month(LocalDate period) {
        return period.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, locale) + " " + period.getYear();
    }

    String date(@Nullable Instant instant) {
        return instant == null
                ? ""
                : DateTimeFormatter.ofPattern("d MMMM yyyy", locale).format(instant.atZone(zone));
    }

    String money(@Nullable Long minor) {
        return minor == null ? "not known" : money(minor, currency);
    }

    String money(long minor, Currency currency) {
        var digits = Math.max(0, currency.getDefaultFractionDigits());
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(BigDecimal.valueOf(minor, digits));
    }

    /** With its sign; nothing when it is not known. */
    String signed(@Nullable Long minor) {
        return minor == null ? "" : (minor > 0 ? "+" : minor < 0 ? "−" : "±") + money(Math.abs(minor));
    }

    /** A sum, or about what it is thought to be. */
    String about(@Nullable Long minor, Published.@Nullable Estimated estimated) {
        return estimated == null ? money(minor) : "about " + money(estimated.likelyMinor());
    }

    /** From where to where something is estimated; empty when it is not. */
    String range(Published.@Nullable Estimated estimated) {
        return estimated == null ? "" : money(estimated.lowMinor()) + " to " + money(estimated.highMinor());
    }

    /** A sum, or an estimate with its range. */
    String money(@Nullable Long minor, Published.@Nullable Estimated estimated) {
        return estimated == null ? money(minor) : about(minor, estimated) + ", " + range(estimated);
    }

    /** An index, of tenths of a point. */
    String index(long tenths) {
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(1);
        return format.format(BigDecimal.valueOf(tenths, 1));
    }

    DateTimeFormatter day() {
        return DateTimeFormatter.ofPattern("d MMM yyyy", locale);
    }

    String band(BandForm band) {
        return switch (band.type()) {
            case NONE -> "no ceiling";
            case FROM_TO -> money(band.fromMinor()) + " to " + money(band.toMinor());
            case POINT ->
                money(band.pointMinor()) + " ±"
                        + BigDecimal.valueOf(band.tolerancePermille() == null ? 0 : band.tolerancePermille(), 1)
                                .stripTrailingZeros()
                                .toPlainString()
                        + "%";
        };
    }

    /** What a build costs, or from where to where that is estimated. */
    String total(Published.Build build) {
        return money(build.totalMinor(), build.totalEstimated());
    }
}
