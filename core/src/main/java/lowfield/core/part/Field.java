package lowfield.core.part;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** One figure of a kind: its name in storage, how it is called, its unit, what it holds and the largest believable number. */
public record Field(
        String name,
        String label,
        String unit,
        Holds holds,
        int most,
        boolean brief,
        String said,
        Better better,
        String group,
        boolean essential,
        boolean onlyWhereSo,
        List<String> scale,
        Optional<Schema> rows,
        RecordComponent component) {

    /** What a figure holds. */
    public enum Holds {
        NUMBER,
        TEXT,
        YES_NO,
        SET,
        /** Words with a word each: firmware by processor family. */
        PAIRS,
        /** Rows with figures of their own: the drive slots of a board. */
        ROWS
    }

    static Field of(RecordComponent component) {
        var shown = component.getAnnotation(FigureLabel.class);
        // Asked for millions of times when a catalogue is read; without this the caller is looked at each time.
        component.getAccessor().setAccessible(true);
        var held = ((ParameterizedType) component.getGenericType()).getActualTypeArguments()[0];
        return new Field(
                component.getName(),
                shown.value(),
                shown.unit(),
                holds(held),
                shown.most(),
                shown.brief(),
                shown.said(),
                shown.better(),
                shown.group(),
                shown.essential(),
                shown.onlyWhereSo(),
                List.of(shown.scale()),
                rows(held),
                component);
    }

    private static final Pattern PLURAL = Pattern.compile("(\\p{L}{2,}[^s])s(?![\\p{L}])");

    /** "8 GB", "yes", "HDMI, DisplayPort": a value of this figure as a person reads it. */
    public String worded(Object value) {
        if (value instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (value instanceof Map<?, ?> pairs) {
            return String.join(
                    ", ",
                    pairs.entrySet().stream()
                            .map(e -> (e.getKey() + " " + e.getValue()).strip())
                            .sorted()
                            .toList());
        }
        if (value instanceof Iterable<?> items) {
            return rows.map(schema -> rowsWorded(schema, items)).orElseGet(() -> wordsOf(items));
        }
        return unit.isEmpty() ? value.toString() : large(value).orElseGet(() -> value + " " + unit);
    }

    /** "2 TB", "1.5 TB" for what drives hold, as their makers say it. */
    private Optional<String> large(Object value) {
        return Optional.of(value)
                .filter(v -> unit.equals("GB") && v instanceof Integer size && size >= 1_000 && size % 100 == 0)
                .map(v ->
                        BigDecimal.valueOf((Integer) v, 3).stripTrailingZeros().toPlainString() + " TB");
    }

    /** The same in the short line, where nothing else says what it is; empty where there is nothing to say. */
    String saidOf(Object value) {
        if (value instanceof Boolean yes) {
            return yes ? label : "";
        }
        if (!said.isEmpty()) {
            return value.equals(0) ? "" : said.formatted(value);
        }
        var bare = worded(value);
        return value instanceof Number && unit.isEmpty() ? bare + " " + (value.equals(1) ? one() : label) : bare;
    }

    /** The label of one: "fan included" of "fans included", "memory slot" of "memory slots". */
    private String one() {
        return PLURAL.matcher(label).replaceFirst("$1");
    }

    private static String rowsWorded(Schema schema, Iterable<?> items) {
        var words = new java.util.ArrayList<String>();
        items.forEach(row -> words.add(schema.summary((Record) row)));
        return String.join("; ", words);
    }

    private static String wordsOf(Iterable<?> items) {
        var words = new java.util.TreeSet<String>();
        items.forEach(item -> words.add(item.toString()));
        return String.join(", ", words);
    }

    private static Holds holds(Type type) {
        if (type == Integer.class) {
            return Holds.NUMBER;
        }
        if (type == Boolean.class) {
            return Holds.YES_NO;
        }
        if (type == String.class) {
            return Holds.TEXT;
        }
        var raw = ((ParameterizedType) type).getRawType();
        return raw == Map.class ? Holds.PAIRS : raw == List.class ? Holds.ROWS : Holds.SET;
    }

    private static Optional<Schema> rows(Type type) {
        return holds(type) == Holds.ROWS
                ? Optional.of(Schema.of(
                        ((Class<?>) ((ParameterizedType) type).getActualTypeArguments()[0]).asSubclass(Record.class)))
                : Optional.empty();
    }
}
