package lowfield.core.find;

import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import lowfield.core.RuleBroken;

/** One condition of a query on one figure. A part whose figure is not known meets no condition on it. */
public sealed interface Clause {
    /** A number from {@code least} to {@code most}, both included and in the figure's unit; at least one is there. */
    record Range(OptionalInt least, OptionalInt most) implements Clause {
        public Range {
            RuleBroken.unless(
                    least.isPresent() || most.isPresent(),
                    "A range needs a lower or an upper end, such as 8.. or ..300.");
            RuleBroken.unless(
                    least.isEmpty() || most.isEmpty() || least.getAsInt() <= most.getAsInt(),
                    "The range %s..%s has its ends swapped.",
                    least.orElse(0),
                    most.orElse(0));
        }

        boolean holds(int value) {
            return value >= least.orElse(Integer.MIN_VALUE) && value <= most.orElse(Integer.MAX_VALUE);
        }
    }

    /** One of some words; of a set, at least one. */
    record AnyOf(SortedSet<String> words) implements Clause {
        public AnyOf {
            words = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(words));
            RuleBroken.unless(!words.isEmpty() && words.size() <= 60, "A choice of words names 1 to 60 of them.");
        }
    }

    /** Yes, or no. */
    record Is(boolean yes) implements Clause {}
}
