package lowfield.core.power;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Spec;

/**
 * What a build draws at most for longer than a moment, in watts: the processor's limit at board defaults, the card's board
 * power, and allowances for what publishes no figure. Not known when the processor's or the card's figure is missing.
 */
public record SustainedPeak(Figure<Integer> watts, List<Share> shares, List<String> missing) {
    /** One addend and where it comes from. */
    public record Share(String what, int watts) {}

    private static final int BOARD = 40;
    private static final int MODULE = 4;
    private static final int DRIVE = 7;
    private static final int FAN = 3;
    /** A supply is chosen with a fifth to spare (rules 5). */
    public static final int HEADROOM_PERCENT = 120;
    /** Ratings that are sold, in watts. */
    private static final int[] SOLD = {300, 350, 400, 450, 500, 550, 600, 650, 750, 850, 1000, 1200, 1300, 1600, 2000};

    public static SustainedPeak of(Build build) {
        var shares = new ArrayList<Share>();
        var missing = new ArrayList<String>();
        for (var line : build.filled().toList()) {
            add(line, shares, missing);
        }
        shares.add(new Share("board and what hangs on it (allowance)", BOARD));
        var sum = shares.stream().mapToInt(Share::watts).sum();
        return new SustainedPeak(
                missing.isEmpty() ? Figure.of(sum) : Figure.notKnown(), List.copyOf(shares), List.copyOf(missing));
    }

    /** The rating to look for: the peak and a fifth, rounded up to a size that is sold. */
    public Figure<Integer> neededRating() {
        return watts.map(SustainedPeak::rating);
    }

    private static int rating(int peak) {
        var least = (peak * HEADROOM_PERCENT + 99) / 100;
        for (var size : SOLD) {
            if (size >= least) {
                return size;
            }
        }
        return least;
    }

    private static void add(Line line, List<Share> shares, List<String> missing) {
        if (line.slot() == Slot.GRAPHICS_CARD || line.slot() == Slot.PROCESSOR) {
            main(line, shares, missing);
        } else if (line.choice().spec(Spec.Memory.class).isPresent()) {
            var modules = line.choice()
                    .spec(Spec.Memory.class)
                    .get()
                    .modules()
                    .value()
                    .orElse(2);
            shares.add(new Share("memory modules (allowance)", MODULE * modules * line.quantity()));
        } else if (line.choice().spec(Spec.Drive.class).isPresent()) {
            shares.add(new Share("drive (allowance)", DRIVE * line.quantity()));
        } else if (line.choice().spec(Spec.Fan.class).isPresent()) {
            var fans = line.choice().spec(Spec.Fan.class).get().count().value().orElse(1);
            shares.add(new Share("fans (allowance)", FAN * fans * line.quantity()));
        } else if (line.choice().spec(Spec.Case.class).isPresent()) {
            var fans = line.choice().spec(Spec.Case.class).get().fans().value().orElse(1);
            shares.add(new Share("fans of the case (allowance)", FAN * fans));
        }
    }

    private static void main(Line line, List<Share> shares, List<String> missing) {
        if (line.choice() instanceof lowfield.core.guide.Choice.None) {
            return;
        }
        var watts = line.slot() == Slot.GRAPHICS_CARD
                ? line.choice().spec(Spec.GraphicsCard.class).map(Spec.GraphicsCard::boardPower)
                : line.choice().spec(Spec.Processor.class).map(Spec.Processor::limit);
        watts.flatMap(Figure::value)
                .ifPresentOrElse(
                        w -> shares.add(new Share(line.choice().label(), w * line.quantity())),
                        () -> missing.add((line.slot() == Slot.GRAPHICS_CARD ? "board power of " : "power limit of ")
                                + line.choice().label()));
    }
}
