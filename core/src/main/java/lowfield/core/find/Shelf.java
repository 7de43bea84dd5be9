package lowfield.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.check.rules.Checks;
import lowfield.core.part.Field;
import lowfield.core.part.Field.Holds;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * All parts of one kind at one moment, as columns, for answering queries. Immutable; parts keep the order they were given
 * in, which is that of their names. Prices are not on it, since they lapse by the clock: they come with each query.
 */
public final class Shelf {
    private static final int MOST_VALUES = 60;

    /** The price of each row in minor units; a row without one is below zero. */
    public record Prices(int[] minor) {
        public static final int NONE = -1;

        /** No part of the shelf has a price. */
        public static Prices none(Shelf shelf) {
            var minor = new int[shelf.parts().size()];
            java.util.Arrays.fill(minor, NONE);
            return new Prices(minor);
        }
    }

    /** The rows that answer a query, and how many were left out only because a figure that is asked for is not known. */
    public record Answer(Shelf shelf, int[] rows, int leftOutNotKnown) {
        public List<Part> parts() {
            return Arrays.stream(rows).mapToObj(shelf.parts::get).toList();
        }
    }

    private record Shown(String figure, String label, String unit, Holds holds, Column column) {}

    private final Kind kind;
    private final List<Part> parts;
    private final Map<String, Shown> columns = new LinkedHashMap<>();
    private final TextIndex text;
    private final int[] looks;
    private final int manyLooks;

    public Shelf(Kind kind, List<Part> parts) {
        this.kind = kind;
        this.parts = List.copyOf(parts);
        column(Query.MAKER, "maker", p -> Figure.of(p.maker()));
        for (var field : kind.schema().fields()) {
            if (field.holds() != Holds.PAIRS) {
                columns.put(field.name(), shown(field));
            }
        }
        column(Query.RELEASE, "release", p -> Figure.of(p.release().word()));
        this.text = new TextIndex(
                this.parts.stream().map(p -> p.fullName() + " " + p.summary()).toList());
        var numbers = new HashMap<List<Object>, Integer>();
        var read = Checks.deciding(kind);
        this.looks = this.parts.stream()
                .map(part -> read.stream().<Object>map(r -> r.of(part)).toList())
                .mapToInt(look -> numbers.computeIfAbsent(look, l -> numbers.size()))
                .toArray();
        this.manyLooks = numbers.size();
    }

    /** A number that two rows share when no check can tell whether one fits and the other does not, from zero to {@link #looks()}. */
    int look(int row) {
        return looks[row];
    }

    /** How many different rows there are to the checks that decide. */
    int looks() {
        return manyLooks;
    }

    public Kind kind() {
        return kind;
    }

    public List<Part> parts() {
        return parts;
    }

    public Answer find(Query query, Prices prices) {
        return new Answer(this, rows(query, prices).stream().toArray(), leftOut(query, prices));
    }

    /** The words that the sentence can be changed by: those in force, and those that divide what was found. */
    public List<Facet> facets(Query query, Prices prices) {
        var here = rows(query, prices);
        var facets = new ArrayList<Facet>();
        for (var shown : columns.values()) {
            var clause = Optional.ofNullable(query.clauses().get(shown.figure()));
            var rows = clause.isPresent() ? rows(query.without(shown.figure()), prices) : here;
            var counts = shown.column().counts(rows);
            if (clause.isPresent() || counts.size() > 1) {
                var missing = (BitSet) rows.clone();
                missing.andNot(shown.column().present());
                facets.add(new Facet(
                        shown.figure(),
                        shown.label(),
                        shown.unit(),
                        shown.holds(),
                        clause,
                        values(counts),
                        missing.cardinality()));
            }
        }
        return facets;
    }

    private BitSet rows(Query query, Prices prices) {
        var rows = query.text().isEmpty() ? everything() : text.find(query.text());
        query.clauses().forEach((figure, clause) -> rows.and(meeting(figure, clause, prices)));
        return rows;
    }

    private BitSet everything() {
        var all = new BitSet(parts.size());
        all.set(0, parts.size());
        return all;
    }

    private BitSet meeting(String figure, Clause clause, Prices prices) {
        if (!figure.equals(Query.PRICE)) {
            return columns.get(figure).column().meeting(clause);
        }
        var rows = new BitSet(parts.size());
        for (int row = 0; row < prices.minor().length; row++) {
            if (prices.minor()[row] >= 0 && clause instanceof Clause.Range range && range.holds(prices.minor()[row])) {
                rows.set(row);
            }
        }
        return rows;
    }

    /** Rows that meet every condition whose figure they have, and lack at least one figure that is asked for. */
    private int leftOut(Query query, Prices prices) {
        var rows = query.text().isEmpty() ? everything() : text.find(query.text());
        var lacking = new BitSet(parts.size());
        query.clauses().forEach((figure, clause) -> {
            var there = figure.equals(Query.PRICE)
                    ? priced(prices)
                    : columns.get(figure).column().present();
            var missing = everything();
            missing.andNot(there);
            lacking.or(missing);
            missing.or(meeting(figure, clause, prices));
            rows.and(missing);
        });
        rows.and(lacking);
        return rows.cardinality();
    }

    private static BitSet priced(Prices prices) {
        var rows = new BitSet(prices.minor().length);
        for (int row = 0; row < prices.minor().length; row++) {
            rows.set(row, prices.minor()[row] >= 0);
        }
        return rows;
    }

    private void column(String name, String label, Function<Part, Figure<String>> figure) {
        var words = Column.Words.of(parts.stream().map(figure).toList(), value -> List.of((String) value));
        columns.put(name, new Shown(name, label, "", Holds.TEXT, words));
    }

    private Shown shown(Field field) {
        var figures =
                parts.stream().map(p -> kind.schema().figureOf(p.spec(), field)).toList();
        if (field.holds() == Holds.ROWS) {
            var counts = figures.stream().map(Shelf::many).toList();
            return new Shown(field.name(), "number of " + field.label(), "", Holds.NUMBER, Column.Numbers.of(counts));
        }
        Column column = field.holds() == Holds.NUMBER
                ? Column.Numbers.of(figures)
                : Column.Words.of(figures, wordsOf(field.holds()));
        return new Shown(field.name(), field.label(), field.unit(), field.holds(), column);
    }

    /** Of what stands in rows, how many there are. */
    private static Figure<Integer> many(Figure<?> rows) {
        return rows.map(r -> ((List<?>) r).size());
    }

    private static Function<Object, Collection<String>> wordsOf(Holds holds) {
        return switch (holds) {
            case YES_NO -> Column::yesNo;
            case SET -> Column::all;
            default -> value -> List.of((String) value);
        };
    }

    /** The most frequent values when there are very many, in their own order. */
    private static List<Facet.Value> values(Map<Object, Integer> counts) {
        var least = counts.size() <= MOST_VALUES
                ? 0
                : counts.values().stream()
                        .sorted(java.util.Comparator.reverseOrder())
                        .skip(MOST_VALUES - 1L)
                        .findFirst()
                        .orElse(0);
        return counts.entrySet().stream()
                .filter(e -> e.getValue() >= least)
                .limit(MOST_VALUES)
                .map(e -> new Facet.Value(e.getKey(), e.getValue()))
                .toList();
    }
}
