package lowfield.core.proofreading.guard;

import java.util.Arrays;

/** Turns weights, as logarithms, into probabilities. */
public final class Probabilities {
    private Probabilities() {}

    /** @param weights of at least one thing, not all of them minus infinity; what is minus infinity is never so */
    public static double[] of(double[] weights) {
        var most = Arrays.stream(weights).max().orElseThrow();
        var powers = Arrays.stream(weights).map(w -> Math.exp(w - most)).toArray();
        var sum = Arrays.stream(powers).sum();
        return Arrays.stream(powers).map(p -> p / sum).toArray();
    }
}
