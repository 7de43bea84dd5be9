package lowfield.core.offer;

import java.util.Collection;

/** The median. */
public final class Middle {
    private Middle() {}

    /** Of at least one value. */
    public static double of(Collection<Double> values) {
        var sorted = values.stream().sorted().toList();
        var middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }
}
