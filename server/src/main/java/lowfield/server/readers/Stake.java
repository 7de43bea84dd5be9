package lowfield.server.readers;

import lowfield.server.guide.BandForm;
import org.jspecify.annotations.Nullable;

/** A total between the ends of its band, as it is drawn: {@code x} in a width of 240. */
record Stake(String low, String high, double lowX, double highX, double x, boolean inside, boolean known) {
    /** None for a band that has no ends; a total that is not known stands nowhere. */
    static @Nullable Stake of(BandForm band, @Nullable Long total, Wording words) {
        if (band.type() == BandForm.Type.NONE) {
            return null;
        }
        var low = band.band(words.currency()).low().orElseThrow().minor();
        var high = band.band(words.currency()).high().orElseThrow().minor();
        var width = Math.max(1, high - low);
        var from = Math.min(low - width / 4.0, total == null ? low : total - width / 10.0);
        var to = Math.max(high + width / 4.0, total == null ? high : total + width / 10.0);
        var scale = 240 / (to - from);
        var inside = total != null && total >= low && total <= high;
        return new Stake(
                words.money(low),
                words.money(high),
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
