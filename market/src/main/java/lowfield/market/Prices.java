package lowfield.market;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Random;

/**
 * What things cost on a day: the anchor price, a seeded weekly random walk away from the anchor day, and the events. The
 * same day gives the same prices, always.
 */
final class Prices {
    static final LocalDate ANCHOR = LocalDate.of(2026, 12, 3);
    private static final double WEEKLY = 0.007;

    private final List<Event> events;

    Prices(List<Event> events) {
        this.events = events;
    }

    boolean isGone(Product product, LocalDate day) {
        return events.stream().anyMatch(e -> e.what().equals("gone") && e.concerns(product) && !day.isBefore(e.from()));
    }

    /** In euro, to ten cents; a typo to the cent. */
    BigDecimal of(Product product, Product.Offered offered, LocalDate day) {
        var price = product.anchor().doubleValue() * offered.factor().doubleValue() * Math.exp(walk(product, day));
        for (var event : events) {
            if (event.what().equals("step") && event.concerns(product) && day.isBefore(event.from())) {
                price /= event.figure().doubleValue();
            }
        }
        var shown =
                BigDecimal.valueOf(price).setScale(1, RoundingMode.HALF_EVEN).setScale(2);
        for (var event : events) {
            if (event.what().equals("typo")
                    && event.concerns(product)
                    && event.seller().equals(offered.seller())
                    && !day.isBefore(event.from())) {
                shown = shown.multiply(event.figure()).setScale(2, RoundingMode.HALF_EVEN);
            }
        }
        return shown;
    }

    /** The sum of weekly steps between the anchor day and this one; zero within the anchor's week. */
    private static double walk(Product product, LocalDate day) {
        var weeks = ChronoUnit.WEEKS.between(ANCHOR, day);
        var step = weeks < 0 ? -1 : 1;
        var sum = 0.0;
        for (long week = step; Math.abs(week) <= Math.abs(weeks) && weeks != 0; week += step) {
            var own = new Random(product.slug().hashCode() * 31L + week).nextGaussian();
            var shared = new Random(product.kind().hashCode() * 17L + week).nextGaussian();
            sum += WEEKLY * (0.6 * own + 0.4 * shared);
        }
        return sum;
    }
}
