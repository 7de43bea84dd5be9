package lowfield.market;

import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * Something that happens to one product (or {@code kind:…}) on a day: {@code step} multiplies every price before that day's
 * by its figure's inverse, so that the anchor price holds from then on; {@code gone} takes it off every shelf; {@code typo}
 * multiplies one seller's price from that day on.
 */
record Event(LocalDate from, String subject, String what, String seller, BigDecimal figure) {

    static Event parse(String line) {
        var fields = line.split("\\|", -1);
        return new Event(
                LocalDate.parse(fields[0]),
                fields[1],
                fields[2],
                fields[3],
                fields[4].isEmpty() ? BigDecimal.ONE : new BigDecimal(fields[4]));
    }

    boolean concerns(Product product) {
        return subject.equals(product.slug()) || subject.equals("kind:" + product.kind());
    }
}
