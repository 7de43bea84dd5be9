package lowfield.core.part;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import lowfield.core.Text;

/** Turns a stored or typed value into a figure of its field, or says which rule it breaks. */
final class FigureText {
    private static final int LONGEST_TEXT = 120;
    private static final int MOST_ITEMS = 200;

    private FigureText() {}

    static Figure<?> figure(Field field, Optional<?> given, List<Wrong> wrong) {
        if (given.isEmpty() || "".equals(given.get())) {
            return Figure.notKnown();
        }
        var raw = given.get();
        if (Schema.NOT_APPLICABLE.equals(raw)) {
            return Figure.notApplicable();
        }
        return switch (field.holds()) {
            case NUMBER -> number(field, raw, wrong);
            case YES_NO -> raw instanceof Boolean yes ? Figure.of(yes) : no(field, raw, "yes or no", wrong);
            case TEXT ->
                raw instanceof String text && isShort(text)
                        ? Figure.of(text.strip().intern())
                        : no(field, raw, "a text of up to 120 letters and no NUL", wrong);
            case SET -> set(field, raw, wrong);
            case PAIRS -> pairs(field, raw, wrong);
            case ROWS -> rows(field, raw, wrong);
        };
    }

    private static boolean isShort(String text) {
        return text.length() <= LONGEST_TEXT && Text.isOne(text);
    }

    /** Whether nothing stands where something should, as a file of JSON can have it. */
    private static boolean hasGaps(Collection<?> items) {
        return items.stream().anyMatch(Objects::isNull);
    }

    private static Figure<?> number(Field field, Object raw, List<Wrong> wrong) {
        if (raw instanceof Number number && number.doubleValue() == Math.rint(number.doubleValue())) {
            var value = number.longValue();
            if (value >= 0 && value <= field.most()) {
                return Figure.of((int) value);
            }
        }
        var rule = "a whole number from 0 to %,d %s".formatted(field.most(), field.unit());
        return no(field, raw, rule.strip(), wrong);
    }

    private static Figure<?> set(Field field, Object raw, List<Wrong> wrong) {
        if (!(raw instanceof Collection<?> items) || hasGaps(items)) {
            return no(field, raw, "a list of words", wrong);
        }
        var words = new TreeSet<String>();
        items.forEach(item -> words.add(item.toString().strip().intern()));
        return words.size() <= MOST_ITEMS && words.stream().allMatch(w -> !w.isEmpty() && isShort(w))
                ? Figure.of(Set.copyOf(words))
                : no(field, raw, "a list of up to 200 words", wrong);
    }

    private static Figure<?> pairs(Field field, Object raw, List<Wrong> wrong) {
        if (!(raw instanceof Map<?, ?> map) || hasGaps(map.keySet()) || hasGaps(map.values())) {
            return no(field, raw, "words with a word each", wrong);
        }
        var pairs = new TreeMap<String, String>();
        map.forEach((key, value) -> pairs.put(
                key.toString().strip().intern(), value.toString().strip().intern()));
        return pairs.size() <= MOST_ITEMS
                        && pairs.entrySet().stream().allMatch(e -> isShort(e.getKey()) && isShort(e.getValue()))
                ? Figure.of(Map.copyOf(pairs))
                : no(field, raw, "up to 200 words with a word each", wrong);
    }

    private static Figure<?> rows(Field field, Object raw, List<Wrong> wrong) {
        if (!(raw instanceof List<?> items)
                || items.size() > MOST_ITEMS
                || !items.stream().allMatch(Map.class::isInstance)) {
            return no(field, raw, "a list of up to 200 rows", wrong);
        }
        var schema = field.rows().orElseThrow();
        var rows = new ArrayList<Record>();
        for (var item : items) {
            @SuppressWarnings("unchecked")
            var row = (Map<String, ?>) item;
            rows.add(schema.record(row, wrong));
        }
        return Figure.of(List.copyOf(rows));
    }

    private static Figure<?> no(Field field, Object raw, String rule, List<Wrong> wrong) {
        wrong.add(Wrong.of(field, raw, rule));
        return Figure.notKnown();
    }
}
