package lowfield.core.proofreading.guard;

import java.util.Arrays;

/** Turns weights, as logarithms, into shares of one. */
public final class Shares {
    private Shares() {}

    /** @param weights of at least one thing, not all of them minus infinity; what is minus infinity gets no share */
    public static double[] of(double[] weights) {
        var most = Arrays.stream(weights).max().orElseThrow();
        var powers = Arrays.stream(weights).map(w -> Math.exp(w - most)).toArray();
        var sum = Arrays.stream(powers).sum();
        return Arrays.stream(powers).map(p -> p / sum).toArray();
    }
}
