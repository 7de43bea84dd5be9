package lowfield.core.part;

import java.lang.reflect.Constructor;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import lowfield.core.RuleBroken;
import lowfield.core.part.spec.Spec;

/**
 * Reads and writes a kind's specification record as a plain map, the only way in and out of storage. The record's
 * components are the schema. A missing key is <em>not known</em>; the text {@value #NOT_APPLICABLE} is <em>not
 * applicable</em>.
 */
public final class Schema {
    public static final String NOT_APPLICABLE = "n/a";

    /** A record read from a map, and every value that was not accepted; those figures are not known in the record. */
    public record Outcome(Spec spec, List<Wrong> wrong) {}

    private final List<Field> fields;
    private final Map<String, Field> byName = new LinkedHashMap<>();
    private final Constructor<? extends Record> constructor;

    private Schema(Class<? extends Record> type) {
        this.fields = Arrays.stream(type.getRecordComponents()).map(Field::of).toList();
        fields.forEach(f -> byName.put(f.name(), f));
        try {
            var types = fields.stream().map(f -> f.component().getType()).toArray(Class<?>[]::new);
            constructor = type.getDeclaredConstructor(types);
            constructor.setAccessible(true);
        } catch (NoSuchMethodException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    static Schema of(Class<? extends Record> type) {
        return new Schema(type);
    }

    public List<Field> fields() {
        return fields;
    }

    public Optional<Field> field(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    /** The record of the map; every unknown key and unbelievable value is reported at once. */
    public Spec read(Map<String, ?> map) {
        var outcome = tried(map);
        RuleBroken.unless(
                outcome.wrong().isEmpty(),
                "%s.",
                String.join("; ", outcome.wrong().stream().map(Wrong::sentence).toList()));
        return outcome.spec();
    }

    /** The same, leaving it to the caller what becomes of values that were not accepted. */
    public Outcome tried(Map<String, ?> map) {
        var wrong = new ArrayList<Wrong>();
        return new Outcome((Spec) record(map, wrong), List.copyOf(wrong));
    }

    Record record(Map<String, ?> map, List<Wrong> wrong) {
        for (var key : map.keySet()) {
            if (!byName.containsKey(key)) {
                wrong.add(new Wrong(key, "A figure", key, "one that this kind has"));
            }
        }
        var values = new Object[fields.size()];
        for (int i = 0; i < values.length; i++) {
            var field = fields.get(i);
            values[i] = FigureText.figure(field, Optional.ofNullable(map.get(field.name())), wrong);
        }
        try {
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /**
     * The map of a record: known figures and those not applicable; what is not known is left out. Figures come in the order
     * of the record and words by their letters, so that equal records are written alike.
     */
    public Map<String, Object> write(Spec spec) {
        return write((Record) spec);
    }

    private Map<String, Object> write(Record spec) {
        var map = new LinkedHashMap<String, Object>(2 * fields.size());
        for (var field : fields) {
            var figure = figureOf(spec, field);
            if (figure instanceof Figure.NotApplicable) {
                map.put(field.name(), NOT_APPLICABLE);
            } else {
                figure.value().ifPresent(value -> map.put(field.name(), written(field, value)));
            }
        }
        return map;
    }

    private static Object written(Field field, Object value) {
        return switch (field.holds()) {
            case SET -> new TreeSet<>((Set<?>) value);
            case PAIRS -> new TreeMap<>((Map<?, ?>) value);
            case ROWS -> field.rows().orElseThrow().rows((List<?>) value);
            case NUMBER, YES_NO, TEXT -> value;
        };
    }

    private List<Map<String, Object>> rows(List<?> rows) {
        return rows.stream().map(row -> write((Record) row)).toList();
    }

    /** One figure of a record by its field. */
    public Figure<?> figureOf(Spec spec, Field field) {
        return figureOf((Record) spec, field);
    }

    private static Figure<?> figureOf(Record spec, Field field) {
        try {
            return (Figure<?>) field.component().getAccessor().invoke(spec);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** A short line of the known numbers and words: "8 GB · 165 W · 242 mm". */
    public String summary(Spec spec) {
        return summary((Record) spec);
    }

    String summary(Record spec) {
        var words = new ArrayList<String>();
        for (var field : fields) {
            if (field.brief()) {
                figureOf(spec, field).value().ifPresent(value -> words.add(field.saidOf(value)));
            }
        }
        return String.join(" · ", words.stream().filter(w -> !w.isEmpty()).toList());
    }
}
