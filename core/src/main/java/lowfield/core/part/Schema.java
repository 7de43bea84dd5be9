package lowfield.core.part;

import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import lowfield.core.RuleBroken;

/**
 * Reads and writes a kind's specification record as a plain map, the only way in and out of storage. The record's
 * components are the schema. A missing key is <em>not known</em>; the text {@value #NOT_APPLICABLE} is <em>not
 * applicable</em>.
 */
public final class Schema {
    public static final String NOT_APPLICABLE = "n/a";
    private static final int LONGEST_TEXT = 120;

    /** What a figure holds. */
    public enum Holds {
        NUMBER,
        TEXT,
        YES_NO,
        SET
    }

    /** One figure of the schema. */
    public record Field(String name, String label, String unit, Holds holds, int most, RecordComponent component) {}

    private final Class<? extends Spec> type;
    private final List<Field> fields;

    private Schema(Class<? extends Spec> type) {
        this.type = type;
        this.fields =
                Arrays.stream(type.getRecordComponents()).map(Schema::field).toList();
    }

    static Schema of(Class<? extends Spec> type) {
        return new Schema(type);
    }

    public List<Field> fields() {
        return fields;
    }

    /** The record of the map; every unknown key and unbelievable value is reported at once. */
    public Spec read(Map<String, ?> map) {
        var errors = new ArrayList<String>();
        map.keySet().stream()
                .filter(key -> fields.stream().noneMatch(f -> f.name().equals(key)))
                .forEach(key -> errors.add("There is no figure \"%s\"".formatted(key)));
        var values =
                fields.stream().map(f -> figure(f, map.get(f.name()), errors)).toArray();
        RuleBroken.unless(errors.isEmpty(), "%s.", String.join("; ", errors));
        try {
            return construct(values);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The map of a record: known figures and those not applicable; what is not known is left out. */
    public Map<String, Object> write(Spec spec) {
        var map = new LinkedHashMap<String, Object>();
        for (var field : fields) {
            var figure = figureOf(spec, field);
            if (figure instanceof Figure.NotApplicable) {
                map.put(field.name(), NOT_APPLICABLE);
            } else {
                figure.value().ifPresent(value -> map.put(field.name(), value));
            }
        }
        return map;
    }

    /** One figure of a record by its field. */
    public Figure<?> figureOf(Spec spec, Field field) {
        try {
            var accessor = field.component().getAccessor();
            return (Figure<?>) accessor.invoke(spec);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** A short line of the known numbers and words: "8 GB · 165 W · 242 mm". */
    public String summary(Spec spec) {
        var words = new ArrayList<String>();
        for (var field : fields) {
            if (field.component().getAnnotation(Shown.class).brief()) {
                figureOf(spec, field).value().ifPresent(value -> words.add(word(field, value)));
            }
        }
        return String.join(" · ", words.stream().filter(w -> !w.isEmpty()).toList());
    }

    private static String word(Field field, Object value) {
        if (value instanceof Boolean yes) {
            return yes ? field.label() : "";
        }
        if (value instanceof Set<?> set) {
            return String.join(", ", set.stream().map(Object::toString).toList());
        }
        var bare = value + (field.unit().isEmpty() ? "" : " " + field.unit());
        return value instanceof Number && field.unit().isEmpty() ? bare + " " + field.label() : bare;
    }

    private Spec construct(Object[] values) throws ReflectiveOperationException {
        var types = fields.stream().map(f -> f.component().getType()).toArray(Class<?>[]::new);
        Constructor<? extends Spec> constructor = type.getDeclaredConstructor(types);
        return constructor.newInstance(values);
    }

    private static Field field(RecordComponent component) {
        var shown = component.getAnnotation(Shown.class);
        var held = ((ParameterizedType) component.getGenericType()).getActualTypeArguments()[0];
        return new Field(component.getName(), shown.value(), shown.unit(), holds(held), shown.most(), component);
    }

    private static Holds holds(Type type) {
        if (type == Integer.class) {
            return Holds.NUMBER;
        }
        if (type == Boolean.class) {
            return Holds.YES_NO;
        }
        return type == String.class ? Holds.TEXT : Holds.SET;
    }

    private static Figure<?> figure(Field field, @org.jspecify.annotations.Nullable Object raw, List<String> errors) {
        if (raw == null || "".equals(raw)) {
            return Figure.notKnown();
        }
        if (NOT_APPLICABLE.equals(raw)) {
            return Figure.notApplicable();
        }
        return switch (field.holds()) {
            case NUMBER -> number(field, raw, errors);
            case YES_NO -> raw instanceof Boolean yes ? Figure.of(yes) : wrong(field, raw, "yes or no", errors);
            case TEXT ->
                raw instanceof String text && text.length() <= LONGEST_TEXT
                        ? Figure.of(text.strip())
                        : wrong(field, raw, "a text of up to 120 letters", errors);
            case SET -> set(field, raw, errors);
        };
    }

    private static Figure<?> number(Field field, Object raw, List<String> errors) {
        var rule = "a whole number from 0 to %,d %s"
                .formatted(field.most(), field.unit())
                .strip();
        if (!(raw instanceof Number number) || number.doubleValue() != Math.rint(number.doubleValue())) {
            return wrong(field, raw, rule, errors);
        }
        var value = number.longValue();
        return value >= 0 && value <= field.most() ? Figure.of((int) value) : wrong(field, raw, rule, errors);
    }

    private static Figure<?> set(Field field, Object raw, List<String> errors) {
        if (!(raw instanceof Iterable<?> items)) {
            return wrong(field, raw, "a list of words", errors);
        }
        var words = new TreeSet<String>();
        items.forEach(item -> words.add(item.toString()));
        return words.size() <= 40 && words.stream().allMatch(w -> w.length() <= LONGEST_TEXT)
                ? Figure.of(Set.copyOf(words))
                : wrong(field, raw, "a list of up to 40 words", errors);
    }

    private static Figure<?> wrong(Field field, Object raw, String rule, List<String> errors) {
        var value = raw.toString();
        errors.add("%s is \"%s\"; it must be %s"
                .formatted(field.label(), value.length() > 40 ? value.substring(0, 40) + "…" : value, rule));
        return Figure.notKnown();
    }
}
