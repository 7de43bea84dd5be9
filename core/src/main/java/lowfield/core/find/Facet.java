package lowfield.core.find;

import java.util.List;
import java.util.Optional;
import lowfield.core.part.Field.Holds;

/**
 * What a word of the query sentence can be changed to: the values of one figure among the parts that meet all the other
 * conditions, each with how many there are; and the condition in force, if there is one.
 */
public record Facet(
        String figure,
        String label,
        String unit,
        Holds holds,
        Optional<Clause> clause,
        List<Value> values,
        int notKnown) {
    public record Value(Object value, int count) {}
}
