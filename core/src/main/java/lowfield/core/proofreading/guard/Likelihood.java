package lowfield.core.proofreading.guard;

import java.math.BigDecimal;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.WrittenFigure;

/**
 * How likely a figure is written so where something is meant, as the logarithm of a share: mostly it is written rightly; a slip
 * is near what was meant; what is about something else can be any figure.
 */
final class Likelihood {
    static final double OF_ASIDE = -3.5;
    /** That a text says one thing twice, and otherwise the second time. */
    static final double OF_SAYING_OTHERWISE = -3;

    private static final double OF_RIGHT = 0;
    private static final double OF_A_SLIP = -3.25;
    private static final double OF_LAST_TIME = -1.5;
    /** A sum in full tens is seldom a slip of one that is not: who rounds a price comes near it. */
    private static final double OF_FULL_TENS = -1.5;

    /** In hundredths. */
    private static final BigDecimal TEN = BigDecimal.valueOf(1_000);

    private static final double HARDLY_NEAR = -0.5;

    private Likelihood() {}

    /** @param isOfLastTime whether what is written was so in the last edition: most slips are prices that were left as they were */
    static double of(WrittenFigure written, KnownFigure meant, boolean isOfLastTime) {
        if (written.holds(meant.value())) {
            return OF_RIGHT;
        }
        return isOfLastTime && meant.use() == KnownFigure.Use.OWN
                ? OF_LAST_TIME
                : OF_A_SLIP + nearness(written, meant.value()) + roundness(written, meant.value());
    }

    private static double roundness(WrittenFigure written, BigDecimal meant) {
        return written.dimension() == Dimension.MONEY && isInTens(written.middle()) && !isInTens(meant)
                ? OF_FULL_TENS
                : 0;
    }

    private static boolean isInTens(BigDecimal minor) {
        return minor.remainder(TEN).signum() == 0;
    }

    private static double nearness(WrittenFigure written, BigDecimal meant) {
        var apart = written.middle().subtract(meant).abs().doubleValue();
        if (written.dimension() == Dimension.COUNT) {
            return apart <= 2 ? 0 : apart <= 4 ? -1 : -3;
        }
        var ratio =
                Math.abs(Math.log((meant.doubleValue() + 1) / (written.middle().doubleValue() + 1)));
        return apart <= little(written.dimension()) ? Math.max(HARDLY_NEAR, ofRatio(ratio)) : ofRatio(ratio);
    }

    /** What is little however small the figure is, in the dimension's base unit. */
    private static double little(Dimension dimension) {
        return switch (dimension) {
            case MONEY -> 1_000;
            case LENGTH -> 5;
            case YEARS -> 2;
            default -> 0;
        };
    }

    private static double ofRatio(double ratio) {
        return ratio < 0.12
                ? 0
                : ratio < 0.3 ? HARDLY_NEAR : ratio < 0.45 ? -1 : ratio < 0.75 ? -1.5 : ratio < 1.5 ? -2.5 : -5;
    }
}
