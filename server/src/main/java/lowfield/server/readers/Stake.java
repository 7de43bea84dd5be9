package lowfield.server.readers;

import java.util.Optional;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import org.jspecify.annotations.Nullable;

/** A total between the ends of its band, as it is drawn: {@code x} in a width of 240. */
record Stake(String low, String high, double lowX, double highX, double x, boolean inside, boolean known) {
    /** None for a band that has no ends; a total that is not known stands nowhere. */
    static @Nullable Stake of(Band band, Optional<Money> sum, Wording words) {
        if (band instanceof Band.None) {
            return null;
        }
        var total = sum.map(Money::minor).orElse(null);
        var low = band.low().orElseThrow().minor();
        var high = band.high().orElseThrow().minor();
        var width = Math.max(1, high - low);
        var from = Math.min(low - width / 4.0, total == null ? low : total - width / 10.0);
        var to = Math.max(high + width / 4.0, total == null ? high : total + width / 10.0);
        var scale = 240 / (to - from);
        var inside = total != null && total >= low && total <= high;
        return new Stake(
                words.money(band.low().orElseThrow()),
                words.money(band.high().orElseThrow()),
                round((low - from) * scale),
                round((high - from) * scale),
                total == null ? 0 : round((total - from) * scale),
                inside,
                total != null);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
