package lowfield.market;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * What things cost on a day: the anchor price, a seeded weekly random walk away from the anchor day, and the events. The
 * same day gives the same prices, always. After the anchor's month things happen by themselves, by the same dice every time.
 */
final class Prices {
    static final LocalDate ANCHOR = LocalDate.of(2026, 12, 3);
    private static final double WEEKLY = 0.007;
    private static final int DAYS_OF_A_SALE = 12;
    private static final int DAYS_SHORT = 20;

    private final List<Event> events;

    Prices(List<Event> events) {
        this.events = events;
    }

    boolean isGone(Product product, LocalDate day) {
        return is(Event.What.GONE, product, day) || ended(product, day);
    }

    /** Sold out for a while, but still on the shelf list. */
    boolean isShort(Product product, LocalDate day) {
        return is(Event.What.SHORT, product, day) || diced(product, day, "short", 0.015, DAYS_SHORT);
    }

    /** Whether it is known to the shops at all on that day. */
    boolean isLaunched(Product product, LocalDate day) {
        return of(product).stream().noneMatch(e -> e.what() == Event.What.LAUNCH && day.isBefore(e.from()));
    }

    private boolean is(Event.What what, Product product, LocalDate day) {
        return of(product).stream().anyMatch(e -> e.what() == what && e.isOn(day));
    }

    private List<Event> of(Product product) {
        return events.stream().filter(e -> e.concerns(product)).toList();
    }

    /** In euro, to ten cents; a typo to the cent. */
    BigDecimal of(Product product, Product.Offered offered, LocalDate day) {
        var price = product.anchor().doubleValue() * offered.factor().doubleValue() * Math.exp(walk(product, day));
        var own = of(product);
        for (var event : own) {
            price *= factor(event, offered, day);
        }
        if (diced(product, day, "sale", 0.03, DAYS_OF_A_SALE)) {
            price *= 0.86;
        }
        var shown =
                BigDecimal.valueOf(price).setScale(1, RoundingMode.HALF_EVEN).setScale(2);
        for (var event : own) {
            if (event.what() == Event.What.TYPO
                    && event.seller().equals(offered.seller())
                    && !day.isBefore(event.from())) {
                shown = shown.multiply(event.figure()).setScale(2, RoundingMode.HALF_EVEN);
            }
        }
        return shown;
    }

    private static double factor(Event event, Product.Offered offered, LocalDate day) {
        var figure = event.figure().doubleValue();
        return switch (event.what()) {
            case STEP -> day.isBefore(event.from()) ? 1 / figure : 1;
            case RAMP -> Math.pow(figure, done(event, day) - 1);
            case SALE -> event.isOn(day) && event.concerns(offered) ? figure : 1;
            default -> 1;
        };
    }

    /** How much of a ramp has passed on a day, 0 to 1. */
    private static double done(Event ramp, LocalDate day) {
        var whole = ChronoUnit.DAYS.between(ramp.from(), ramp.until().orElseThrow());
        return Math.max(0, Math.min(1, ChronoUnit.DAYS.between(ramp.from(), day) / (double) whole));
    }

    /** The earlier price that a page strikes out: what a sale is off, or one that never was. */
    Optional<BigDecimal> struckOut(Product product, Product.Offered offered, LocalDate day) {
        return of(product).stream()
                .filter(e -> e.isOn(day) && e.concerns(offered))
                .filter(e -> e.what() == Event.What.SALE || e.what() == Event.What.STRUCK)
                .findFirst()
                .map(e -> of(product, offered, day)
                        .divide(e.figure(), 1, RoundingMode.HALF_EVEN)
                        .setScale(2));
    }

    /** Whether the dice of this or the last month let a thing happen that still lasts. */
    private static boolean diced(Product product, LocalDate day, String what, double chance, int days) {
        var months = new ArrayList<YearMonth>();
        months.add(YearMonth.from(day));
        months.add(YearMonth.from(day).minusMonths(1));
        return months.stream()
                .filter(m -> m.isAfter(YearMonth.from(ANCHOR)))
                .anyMatch(m -> starts(product, m, what, chance)
                        .filter(first -> !day.isBefore(first) && day.isBefore(first.plusDays(days)))
                        .isPresent());
    }

    private static Optional<LocalDate> starts(Product product, YearMonth month, String what, double chance) {
        var dice = new Random((product.slug() + what + month).hashCode());
        dice.nextDouble();
        return dice.nextDouble() < chance ? Optional.of(month.atDay(1 + dice.nextInt(28))) : Optional.empty();
    }

    /** Products end by the dice, too, each month after the anchor's one in a hundred. */
    private static boolean ended(Product product, LocalDate day) {
        for (var month = YearMonth.from(ANCHOR).plusMonths(1);
                !month.atDay(1).isAfter(day);
                month = month.plusMonths(1)) {
            var end = starts(product, month, "end", 0.01);
            if (end.isPresent() && !day.isBefore(end.get())) {
                return true;
            }
        }
        return false;
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
