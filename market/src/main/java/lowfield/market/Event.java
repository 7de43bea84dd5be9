package lowfield.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Something that happens to one product (or {@code kind:…}) from a day on. {@code step}: every price before that day is
 * that much lower or higher, so that the anchor price holds from then on; {@code ramp}: the same, spread evenly until its
 * last day; {@code sale}: the price is multiplied until its last day; {@code struck}: the page shows a higher earlier price
 * that nobody ever paid; {@code launch}: not sold before; {@code gone}: taken off every shelf; {@code short}: sold out until
 * the last day; {@code typo} multiplies one seller's price from that day on.
 */
record Event(LocalDate from, Optional<LocalDate> until, String subject, What what, String seller, BigDecimal figure) {
    enum What {
        STEP,
        RAMP,
        SALE,
        STRUCK,
        LAUNCH,
        GONE,
        SHORT,
        TYPO
    }

    static Event parse(String line) {
        var fields = line.split("\\|", -1);
        return new Event(
                LocalDate.parse(fields[0]),
                fields.length > 5 && !fields[5].isEmpty() ? Optional.of(LocalDate.parse(fields[5])) : Optional.empty(),
                fields[1],
                What.valueOf(fields[2].toUpperCase(java.util.Locale.ROOT)),
                fields[3],
                fields[4].isEmpty() ? BigDecimal.ONE : new BigDecimal(fields[4]));
    }

    boolean concerns(Product product) {
        return subject.equals(product.slug()) || subject.equals("kind:" + product.kind());
    }

    boolean concerns(Product.Offered offered) {
        return seller.isEmpty() || seller.equals(offered.seller());
    }

    /** Whether the day is between the first and the last, which is open when none is named. */
    boolean isOn(LocalDate day) {
        return !day.isBefore(from) && until.map(last -> !day.isAfter(last)).orElse(true);
    }
}
