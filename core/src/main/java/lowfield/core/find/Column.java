package lowfield.core.find;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import lowfield.core.part.Figure;

/** One figure of all parts of a shelf, by row; a row without the figure holds none. */
sealed interface Column {
    /** The rows that meet a condition. */
    BitSet meeting(Clause clause);

    /** Each value that occurs among some rows, in order, with how many of them have it. */
    Map<Object, Integer> counts(BitSet rows);

    /** The rows whose figure is there. */
    BitSet present();

    record Numbers(int[] values, BitSet present) implements Column {
        static Numbers of(List<? extends Figure<?>> figures) {
            var values = new int[figures.size()];
            var present = new BitSet(values.length);
            for (int row = 0; row < values.length; row++) {
                if (figures.get(row) instanceof Figure.Known<?> known) {
                    values[row] = (Integer) known.held();
                    present.set(row);
                }
            }
            return new Numbers(values, present);
        }

        @Override
        public BitSet meeting(Clause clause) {
            var rows = new BitSet(values.length);
            if (clause instanceof Clause.Range range) {
                for (int row = 0; row < values.length; row++) {
                    if (present.get(row) && range.holds(values[row])) {
                        rows.set(row);
                    }
                }
            }
            return rows;
        }

        @Override
        public Map<Object, Integer> counts(BitSet rows) {
            var counts = new TreeMap<Object, Integer>();
            for (int row = rows.nextSetBit(0); row >= 0; row = rows.nextSetBit(row + 1)) {
                if (present.get(row)) {
                    counts.merge(values[row], 1, Integer::sum);
                }
            }
            return counts;
        }
    }

    /** Words as numbers of a dictionary; a row of a set has several. */
    record Words(List<String> dictionary, int[][] codes, BitSet present) implements Column {
        private static final int[] NONE = {};

        /** From the words of each row; a row with none has no figure. */
        static Words of(List<? extends Figure<?>> figures, Function<Object, Collection<String>> words) {
            var dictionary = new LinkedHashMap<String, Integer>();
            var codes = new int[figures.size()][];
            var present = new BitSet(codes.length);
            for (int row = 0; row < codes.length; row++) {
                codes[row] = NONE;
                if (figures.get(row) instanceof Figure.Known<?> known) {
                    codes[row] = words.apply(known.held()).stream()
                            .mapToInt(w -> dictionary.computeIfAbsent(w, x -> dictionary.size()))
                            .toArray();
                    present.set(row);
                }
            }
            return new Words(List.copyOf(dictionary.keySet()), codes, present);
        }

        @Override
        public BitSet meeting(Clause clause) {
            var rows = new BitSet(codes.length);
            var wanted = new BitSet();
            if (clause instanceof Clause.AnyOf any) {
                any.words().stream()
                        .map(dictionary::indexOf)
                        .filter(i -> i >= 0)
                        .forEach(wanted::set);
            } else if (clause instanceof Clause.Is is) {
                wanted.set(
                        Math.max(0, dictionary.indexOf(is.yes() ? "yes" : "no")),
                        dictionary.contains(is.yes() ? "yes" : "no"));
            }
            for (int row = 0; row < codes.length; row++) {
                for (var code : codes[row]) {
                    if (wanted.get(code)) {
                        rows.set(row);
                    }
                }
            }
            return rows;
        }

        @Override
        public Map<Object, Integer> counts(BitSet rows) {
            var counts = new int[dictionary.size()];
            for (int row = rows.nextSetBit(0); row >= 0; row = rows.nextSetBit(row + 1)) {
                for (var code : codes[row]) {
                    counts[code]++;
                }
            }
            var map = new TreeMap<Object, Integer>();
            for (int code = 0; code < counts.length; code++) {
                if (counts[code] > 0) {
                    map.put(dictionary.get(code), counts[code]);
                }
            }
            return map;
        }
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
