package lowfield.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import lowfield.core.part.Figure;

/** One figure of all parts of a shelf, by row; a row without the figure holds none. */
sealed interface Column {
    /** The rows that meet a condition. */
    BitSet meeting(Clause clause);

    /** Each value that occurs among some rows, in order, with how many of them have it. */
    Map<Object, Integer> counts(BitSet rows);

    /** The rows whose figure is there. */
    BitSet present();

    /** Numbers as codes of a dictionary in rising order; a row without the figure has none. */
    record Numbers(int[] dictionary, int[] codes, BitSet present) implements Column {
        private static final int NONE = -1;

        static Numbers of(List<? extends Figure<?>> figures) {
            var dictionary = figures.stream()
                    .flatMap(f -> f.value().stream())
                    .mapToInt(v -> (Integer) v)
                    .sorted()
                    .distinct()
                    .toArray();
            var codes = new int[figures.size()];
            var present = new BitSet(codes.length);
            for (int row = 0; row < codes.length; row++) {
                codes[row] = NONE;
                if (figures.get(row) instanceof Figure.Known<?> known) {
                    codes[row] = Arrays.binarySearch(dictionary, (Integer) known.held());
                    present.set(row);
                }
            }
            return new Numbers(dictionary, codes, present);
        }

        @Override
        public BitSet meeting(Clause clause) {
            var rows = new BitSet(codes.length);
            if (clause instanceof Clause.Range range) {
                for (int row = 0; row < codes.length; row++) {
                    if (codes[row] != NONE && range.holds(dictionary[codes[row]])) {
                        rows.set(row);
                    }
                }
            }
            return rows;
        }

        @Override
        public Map<Object, Integer> counts(BitSet rows) {
            var counts = new int[dictionary.length];
            for (int row = rows.nextSetBit(0); row >= 0; row = rows.nextSetBit(row + 1)) {
                if (codes[row] != NONE) {
                    counts[codes[row]]++;
                }
            }
            return Column.counted(counts, code -> dictionary[code]);
        }
    }

    /** Words as codes of a dictionary in their order; a row of a set has several. */
    record Words(List<String> dictionary, int[][] codes, BitSet present) implements Column {
        private static final int[] NONE = {};

        /** From the words of each row; a row with none has no figure. */
        static Words of(List<? extends Figure<?>> figures, Function<Object, Collection<String>> words) {
            var dictionary = figures.stream()
                    .flatMap(f -> f.value().stream())
                    .flatMap(v -> words.apply(v).stream())
                    .collect(Collectors.toCollection(TreeSet::new))
                    .stream()
                    .toList();
            var codes = new int[figures.size()][];
            var present = new BitSet(codes.length);
            for (int row = 0; row < codes.length; row++) {
                codes[row] = NONE;
                if (figures.get(row) instanceof Figure.Known<?> known) {
                    codes[row] = words.apply(known.held()).stream()
                            .mapToInt(w -> Collections.binarySearch(dictionary, w))
                            .toArray();
                    present.set(row);
                }
            }
            return new Words(dictionary, codes, present);
        }

        @Override
        public BitSet meeting(Clause clause) {
            var wanted = wanted(clause);
            var rows = new BitSet(codes.length);
            for (int row = 0; row < codes.length; row++) {
                for (var code : codes[row]) {
                    if (wanted.get(code)) {
                        rows.set(row);
                    }
                }
            }
            return rows;
        }

        private BitSet wanted(Clause clause) {
            var words = clause instanceof Clause.AnyOf any
                    ? any.words()
                    : clause instanceof Clause.Is is ? yesNo(is.yes()) : List.<String>of();
            var wanted = new BitSet();
            words.stream().mapToInt(dictionary::indexOf).filter(i -> i >= 0).forEach(wanted::set);
            return wanted;
        }

        @Override
        public Map<Object, Integer> counts(BitSet rows) {
            var counts = new int[dictionary.size()];
            for (int row = rows.nextSetBit(0); row >= 0; row = rows.nextSetBit(row + 1)) {
                for (var code : codes[row]) {
                    counts[code]++;
                }
            }
            return Column.counted(counts, dictionary::get);
        }
    }

    private static Map<Object, Integer> counted(int[] counts, IntFunction<Object> value) {
        var map = new LinkedHashMap<Object, Integer>();
        for (int code = 0; code < counts.length; code++) {
            if (counts[code] > 0) {
                map.put(value.apply(code), counts[code]);
            }
        }
        return map;
    }

    static List<String> yesNo(Object value) {
        return List.of((Boolean) value ? "yes" : "no");
    }

    static List<String> all(Object value) {
        return new ArrayList<>((Collection<String>) strings(value));
    }

    @SuppressWarnings("unchecked")
    private static Collection<String> strings(Object value) {
        return (Collection<String>) value;
    }
}
