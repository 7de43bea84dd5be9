package lowfield.core.find;

import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;

/**
 * What is looked for among the parts of a kind: conditions by figure name (of what stands in rows, such as M.2 slots, by how
 * many there are), an optional range of prices in minor units,
 * forgiving text, and an order. It has a written form that is an address:
 * {@code memory=8..&chip=Vane+Five|Vane+Six&price=..45000&text=quiet&by=PRICE}; writing and reading it again gives the same
 * query.
 */
public record Query(Kind kind, Map<String, Clause> clauses, String text, Order order) {
    /** The figures that every kind has beside those of its schema. */
    public static final String PRICE = "price";

    public static final String MAKER = "maker";
    public static final String RELEASE = "release";
    private static final String TEXT = "text";
    private static final String BY = "by";
    private static final int LONGEST = 2000;

    public Query {
        clauses = Collections.unmodifiableMap(new TreeMap<>(clauses));
        text = text.strip();
        RuleBroken.unless(text.length() <= 200, "The words to look for take at most 200 letters.");
    }

    public static Query all(Kind kind) {
        return new Query(kind, Map.of(), "", Order.PRICE);
    }

    /** Reads the written form; everything that is no condition of this kind is told. */
    public static Query read(Kind kind, String written) {
        RuleBroken.unless(written.length() <= LONGEST, "A query sentence takes at most %d letters.", LONGEST);
        var clauses = new TreeMap<String, Clause>();
        var text = "";
        var order = Order.PRICE;
        for (var pair : written.split("&")) {
            if (pair.isEmpty()) {
                continue;
            }
            var at = pair.indexOf('=');
            RuleBroken.unless(at > 0, "\"%s\" is no condition; write figure=value.", decoded(pair));
            var name = decoded(pair.substring(0, at));
            var value = pair.substring(at + 1);
            switch (name) {
                case TEXT -> text = decoded(value);
                case BY -> order = order(decoded(value));
                default -> clauses.put(name, clause(kind, name, value));
            }
        }
        return new Query(kind, clauses, text, order);
    }

    public String written() {
        var words = clauses.entrySet().stream()
                .map(e -> encoded(e.getKey()) + "=" + written(e.getValue()))
                .collect(Collectors.toCollection(java.util.ArrayList::new));
        if (!text.isEmpty()) {
            words.add(TEXT + "=" + encoded(text));
        }
        if (order != Order.PRICE) {
            words.add(BY + "=" + order.name());
        }
        return String.join("&", words);
    }

    Query without(String figure) {
        var rest = new TreeMap<>(clauses);
        rest.remove(figure);
        return new Query(kind, rest, text, order);
    }

    private static String written(Clause clause) {
        if (clause instanceof Clause.Range range) {
            return end(range.least()) + ".." + end(range.most());
        }
        if (clause instanceof Clause.AnyOf any) {
            return any.words().stream().map(Query::encoded).collect(Collectors.joining("|"));
        }
        return ((Clause.Is) clause).yes() ? "yes" : "no";
    }

    private static String end(OptionalInt end) {
        return end.isPresent() ? String.valueOf(end.getAsInt()) : "";
    }

    private static Order order(String name) {
        return Arrays.stream(Order.values())
                .filter(o -> o.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new RuleBroken("There is no order \"" + name + "\"."));
    }

    private static Clause clause(Kind kind, String name, String value) {
        if (name.equals(PRICE)) {
            return range(name, decoded(value));
        }
        if (name.equals(MAKER) || name.equals(RELEASE)) {
            return words(value);
        }
        var field = kind.schema()
                .field(name)
                .orElseThrow(() -> new RuleBroken("A " + kind.label() + " has no figure \"" + name + "\"."));
        return switch (field.holds()) {
            case NUMBER, ROWS -> range(field.label(), decoded(value));
            case YES_NO -> new Clause.Is(yes(field, decoded(value)));
            case TEXT, SET -> words(value);
            case PAIRS ->
                throw new RuleBroken("The " + field.label() + " of a " + kind.label() + " cannot be looked for.");
        };
    }

    private static boolean yes(Field field, String value) {
        RuleBroken.unless(
                value.equals("yes") || value.equals("no"), "\"%s\" is yes or no, not \"%s\".", field.label(), value);
        return value.equals("yes");
    }

    private static Clause words(String value) {
        return new Clause.AnyOf(Arrays.stream(value.split("\\|"))
                .map(Query::decoded)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new)));
    }

    private static Clause range(String label, String value) {
        RuleBroken.unless(
                value.matches("[0-9]{0,9}\\.\\.[0-9]{0,9}") || value.matches("[0-9]{1,9}"),
                "The range of %s is written 8.. or ..300 or 8..300, not \"%s\".",
                label,
                value);
        var at = value.indexOf("..");
        return at < 0
                ? new Clause.Range(number(value), number(value))
                : new Clause.Range(number(value.substring(0, at)), number(value.substring(at + 2)));
    }

    private static OptionalInt number(String digits) {
        return digits.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static String decoded(String text) {
        try {
            return URLDecoder.decode(text, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException broken) {
            throw new RuleBroken("\"" + text + "\" is not written as an address; start the sentence anew.");
        }
    }
}
