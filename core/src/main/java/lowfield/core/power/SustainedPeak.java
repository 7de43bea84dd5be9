package lowfield.core.power;

import java.util.List;
import lowfield.core.part.Figure;

/**
 * What a build draws at most for longer than a moment, in watts: the CPU's limit at the motherboard's defaults, the
 * graphics card's board power, and allowances for what publishes no figure. Not known when the CPU or the graphics card is
 * not chosen, or its figure is missing.
 *
 * @param watts the sum
 * @param shares its addends
 * @param missing what keeps it from being known, in words
 */
public record SustainedPeak(Figure<Integer> watts, List<Share> shares, List<String> missing) {
    /**
     * One addend and where it comes from.
     *
     * @param source what draws it; its text is its name
     * @param allowance whether a usual value stands for a figure
     */
    public record Share(Object source, int watts, boolean allowance) {
        public String what() {
            return source.toString();
        }
    }

    /** A PSU is chosen with a fifth to spare. */
    public static final int HEADROOM_PERCENT = 120;
    /** Ratings that are sold, in watts; they only word the advice. */
    private static final int[] SOLD = {300, 350, 400, 450, 500, 550, 600, 650, 750, 850, 1000, 1200, 1300, 1600, 2000};

    public static SustainedPeak of(List<Share> shares, List<String> missing) {
        var sum = sum(shares, true);
        return new SustainedPeak(
                missing.isEmpty() ? Figure.of(sum) : Figure.notKnown(), List.copyOf(shares), List.copyOf(missing));
    }

    private static int sum(List<Share> shares, boolean withAllowances) {
        var sum = 0;
        for (var share : shares) {
            sum += withAllowances || !share.allowance() ? share.watts() : 0;
        }
        return sum;
    }

    /** What is known to be drawn without any allowance, in watts. */
    public int withoutAllowances() {
        return sum(shares, false);
    }

    /** The allowances alone, in watts. */
    public int allowances() {
        return sum(shares, true) - withoutAllowances();
    }

    /** The peak and a fifth, in watts. */
    public Figure<Integer> withHeadroom() {
        return watts.map(SustainedPeak::withHeadroom);
    }

    /** The rating to look for: the peak and a fifth, rounded up to a size that is sold. */
    public Figure<Integer> neededRating() {
        return withHeadroom().map(SustainedPeak::rating);
    }

    /** The rating that what is known asks for at least, though the peak itself may not be known. */
    public int leastRating() {
        return rating(withHeadroom(sum(shares, true)));
    }

    private static int withHeadroom(int peak) {
        return (peak * HEADROOM_PERCENT + 99) / 100;
    }

    private static int rating(int least) {
        for (var size : SOLD) {
            if (size >= least) {
                return size;
            }
        }
        return least;
    }
}
