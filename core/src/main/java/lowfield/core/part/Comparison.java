package lowfield.core.part;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.RuleBroken;

/** Up to four parts of one kind, figure against figure, in the order and groups of the kind's schema. */
public record Comparison(List<Part> parts, List<Row> rows) {
    /** How many parts stand side by side at most. */
    public static final int MOST = 4;

    /**
     * One figure of each part, in words; a figure that is not known is empty. {@code better} are the columns that are better
     * by the figure's direction; none where it is a matter of need, and where all that are known are the same.
     */
    public record Row(Field field, List<String> cells, List<Integer> better) {
        /** Whether the parts do not all have the same, as far as it is known. */
        public boolean differs() {
            return new HashSet<>(cells).size() > 1;
        }
    }

    public static Comparison of(List<Part> parts) {
        RuleBroken.unless(parts.size() >= 2 && parts.size() <= MOST, "Two to %d parts stand side by side.", MOST);
        RuleBroken.unless(
                parts.stream().map(Part::kind).distinct().count() == 1, "Only parts of one kind stand side by side.");
        var schema = parts.get(0).kind().schema();
        var rows = new ArrayList<Row>();
        for (var field : schema.fields()) {
            var figures = new ArrayList<Figure<?>>();
            parts.forEach(p -> figures.add(schema.figureOf(p.spec(), field)));
            if (figures.stream().anyMatch(f -> !(f instanceof Figure.NotKnown))) {
                rows.add(row(field, figures));
            }
        }
        return new Comparison(List.copyOf(parts), List.copyOf(rows));
    }

    /**
     * In how many figures a part is not what another is: worse by the figure's direction, or another where it is a matter
     * of need. What only one of them knows counts.
     */
    public static int givesUp(Part present, Part other) {
        var schema = present.kind().schema();
        var count = 0;
        for (var field : schema.fields()) {
            var here = schema.figureOf(present.spec(), field);
            var there = schema.figureOf(other.spec(), field);
            if (field.better() == Better.NEED ? !here.equals(there) : isWorse(field.better(), here, there)) {
                count++;
            }
        }
        return count;
    }

    private static boolean isWorse(Better better, Figure<?> here, Figure<?> there) {
        var had = size(here);
        var has = size(there);
        if (had.isEmpty()) {
            return false;
        }
        return has.isEmpty() || (better == Better.MORE ? has.get() < had.get() : has.get() > had.get());
    }

    private static Row row(Field field, List<Figure<?>> figures) {
        return new Row(
                field,
                figures.stream().map(f -> worded(field, f)).toList(),
                better(field.better(), figures.stream().map(Comparison::size).toList()));
    }

    private static String worded(Field field, Figure<?> figure) {
        return figure instanceof Figure.NotApplicable
                ? Schema.NOT_APPLICABLE
                : figure.value().map(field::worded).orElse("");
    }

    private static List<Integer> better(Better better, List<Optional<Integer>> sizes) {
        var known = sizes.stream().flatMap(Optional::stream).toList();
        if (better == Better.NEED || known.size() < 2 || Set.copyOf(known).size() == 1) {
            return List.of();
        }
        var best = better == Better.MORE
                ? known.stream().max(Integer::compare).orElseThrow()
                : known.stream().min(Integer::compare).orElseThrow();
        var columns = new ArrayList<Integer>();
        for (int i = 0; i < sizes.size(); i++) {
            if (sizes.get(i).filter(best::equals).isPresent()) {
                columns.add(i);
            }
        }
        return List.copyOf(columns);
    }

    /** What can be more or less: a number, a yes, how many of a set or of rows. */
    static Optional<Integer> size(Figure<?> figure) {
        return figure.value().flatMap(value -> {
            if (value instanceof Integer number) {
                return Optional.of(number);
            }
            if (value instanceof Boolean yes) {
                return Optional.of(yes ? 1 : 0);
            }
            return value instanceof java.util.Collection<?> many ? Optional.of(many.size()) : Optional.empty();
        });
    }
}
