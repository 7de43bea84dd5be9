package lowfield.core.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Case;
import lowfield.core.part.Drive;
import lowfield.core.part.Fan;
import lowfield.core.part.Figure;
import lowfield.core.part.GraphicsCard;
import lowfield.core.part.Memory;
import lowfield.core.part.Part;
import lowfield.core.part.Processor;

/**
 * What a build draws at most for longer than a moment, in watts: the processor's limit at board defaults, the card's board
 * power, and allowances for what publishes no figure. Not known when the processor or the card is not chosen, or its figure is missing.
 */
public record SustainedPeak(Figure<Integer> watts, List<Share> shares, List<String> missing) {
    /** One addend and where it comes from: words, or the choice itself. */
    public record Share(Object source, int watts) {
        public String what() {
            return source instanceof Choice choice ? choice.label() : source.toString();
        }
    }

    /** What draws the most; before both are chosen, nothing can be said. */
    private static final List<Slot> MAIN = List.of(Slot.PROCESSOR, Slot.GRAPHICS_CARD);

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
        for (var line : build.lines()) {
            if (!line.isEmpty()) {
                add(line, shares, missing);
            }
        }
        for (var slot : MAIN) {
            if (build.filled(slot).isEmpty()) {
                missing.add("the " + slot.label().toLowerCase(Locale.ROOT) + ", which is not chosen");
            }
        }
        shares.add(new Share("board and what hangs on it (allowance)", BOARD));
        var sum = 0;
        for (var share : shares) {
            sum += share.watts();
        }
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
        if (MAIN.contains(line.slot())) {
            main(line, shares, missing);
            return;
        }
        var part = line.choice().part();
        if (part.isEmpty()) {
            return;
        }
        var spec = part.get().spec();
        if (spec instanceof Memory memory) {
            shares.add(new Share(
                    "memory modules (allowance)", MODULE * memory.modules().or(2) * line.quantity()));
        } else if (spec instanceof Drive) {
            shares.add(new Share("drive (allowance)", DRIVE * line.quantity()));
        } else if (spec instanceof Fan fan) {
            shares.add(new Share("fans (allowance)", FAN * fan.count().or(1) * line.quantity()));
        } else if (spec instanceof Case box) {
            shares.add(
                    new Share("fans of the case (allowance)", FAN * box.fans().or(1)));
        }
    }

    private static void main(Line line, List<Share> shares, List<String> missing) {
        if (line.choice() instanceof Choice.None) {
            return;
        }
        var spec = line.choice().part().map(Part::spec);
        Figure<Integer> watts = spec.isEmpty()
                ? Figure.notKnown()
                : spec.get() instanceof GraphicsCard card
                        ? card.boardPower()
                        : spec.get() instanceof Processor processor ? processor.limit() : Figure.notKnown();
        if (watts.isKnown()) {
            shares.add(new Share(line.choice(), watts.or(0) * line.quantity()));
        } else {
            missing.add((line.slot() == Slot.GRAPHICS_CARD ? "board power of " : "power limit of ")
                    + line.choice().label());
        }
    }
}
