package lowfield.core.history;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;

/**
 * Where a part's price stands among those of its own past (rules 2): the lowest in 90 days and when, the year's lowest and
 * highest, how far between them it is now in thousandths, and the premium over the maker's suggested price in thousandths.
 * Sums are minor units of one currency; what cannot be told is absent.
 */
public record PriceStanding(
        Optional<Long> now,
        Optional<Long> lowest90,
        Optional<LocalDate> lowest90On,
        Optional<Long> yearLow,
        Optional<Long> yearHigh,
        Optional<Integer> permilleOfYear,
        Optional<Integer> premiumPermille) {
    private static final int FRESH_DAYS = 21;

    /** Of the lowest bookable price of each known day; a last price older than three weeks is not today's. */
    public static PriceStanding of(SortedMap<LocalDate, Long> days, LocalDate today, Optional<Long> suggested) {
        var known = days.headMap(today.plusDays(1));
        var now = known.isEmpty() || known.lastKey().isBefore(today.minusDays(FRESH_DAYS))
                ? Optional.<Long>empty()
                : Optional.of(known.get(known.lastKey()));
        var quarter = known.tailMap(today.minusDays(89));
        var year = known.tailMap(today.minusYears(1).plusDays(1));
        var lowest = quarter.entrySet().stream().min(Map.Entry.comparingByValue());
        var low = year.values().stream().min(Comparator.naturalOrder());
        var high = year.values().stream().max(Comparator.naturalOrder());
        return new PriceStanding(
                now,
                lowest.map(Map.Entry::getValue),
                lowest.map(Map.Entry::getKey),
                low,
                high,
                now.filter(n -> low.isPresent() && high.get() > low.get())
                        .map(n -> (int) Math.round(1000.0 * (n - low.get()) / (high.get() - low.get()))),
                now.flatMap(n -> suggested.map(s -> (int) Math.round(1000.0 * n / s - 1000))));
    }
}
