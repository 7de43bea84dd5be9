package lowfield.server.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Schema;
import lowfield.server.platform.Json;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/**
 * The columns of a kind's CSV file: the part's names first, then its figures, each headed by its name and, in brackets, its
 * unit. A cell that a spreadsheet would take for a formula is written with an apostrophe before it, and read without.
 */
final class Columns {
    static final List<String> NAMES = List.of(
            "maker",
            "product_family",
            "product",
            "variant",
            "gtin",
            "maker_number",
            "release",
            "suggested_price",
            "suggested_currency",
            "avoid");
    private static final TypeReference<List<Map<String, Object>>> ROWS = new TypeReference<>() {};

    private static final int MOST_DIGITS = 9;

    private Columns() {}

    static List<String> header(Kind kind) {
        var header = new ArrayList<>(NAMES);
        kind.schema().fields().forEach(f -> header.add(heading(f)));
        return header;
    }

    static String heading(Field field) {
        return field.unit().isEmpty() ? field.name() : field.name() + " [" + field.unit() + "]";
    }

    /** The figure of a heading; a unit that is not the figure's is no heading of it. */
    static Optional<Field> field(Kind kind, String heading) {
        return kind.schema().fields().stream()
                .filter(f -> heading.equals(heading(f)) || heading.equals(f.name()))
                .findFirst();
    }

    /** What a cell says of a figure, for the schema to judge. */
    static Object value(Field field, String cell) {
        if (cell.equals(Schema.NOT_APPLICABLE)) {
            return cell;
        }
        return switch (field.holds()) {
            case NUMBER -> number(cell);
            case YES_NO -> cell.equals("yes") ? (Object) true : cell.equals("no") ? (Object) false : cell;
            case TEXT -> cell;
            case SET ->
                Arrays.stream(cell.split(";"))
                        .map(String::strip)
                        .filter(w -> !w.isEmpty())
                        .toList();
            case PAIRS -> pairs(cell);
            case ROWS -> rows(cell);
        };
    }

    /** By hand, since a file has millions of these. */
    private static Object number(String cell) {
        var start = cell.startsWith("-") ? 1 : 0;
        if (cell.length() == start || cell.length() > start + MOST_DIGITS) {
            return cell;
        }
        for (int i = start; i < cell.length(); i++) {
            if (cell.charAt(i) < '0' || cell.charAt(i) > '9') {
                return cell;
            }
        }
        return Integer.valueOf(cell);
    }

    private static Object pairs(String cell) {
        var pairs = new LinkedHashMap<String, String>();
        for (var pair : cell.split(";")) {
            var at = pair.indexOf('=');
            if (at < 1) {
                return cell;
            }
            pairs.put(pair.substring(0, at).strip(), pair.substring(at + 1).strip());
        }
        return pairs;
    }

    private static Object rows(String cell) {
        try {
            return Json.read(cell, ROWS);
        } catch (JacksonException notRows) {
            return cell;
        }
    }

    /** A stored value as a cell; nothing for what is not known. */
    static String cell(Field field, @Nullable Object value) {
        if (value == null) {
            return "";
        }
        if (value.equals(Schema.NOT_APPLICABLE)) {
            return Schema.NOT_APPLICABLE;
        }
        return switch (field.holds()) {
            case YES_NO -> (Boolean) value ? "yes" : "no";
            case SET ->
                ((java.util.Collection<?>) value)
                        .stream().map(Object::toString).sorted().collect(Collectors.joining("; "));
            case PAIRS ->
                ((Map<?, ?>) value)
                        .entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue())
                                .sorted()
                                .collect(Collectors.joining("; "));
            case ROWS -> Json.write(value);
            default -> value.toString();
        };
    }

    static String defused(String cell) {
        return !cell.isEmpty() && "=+-@\t\r'".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    static String fused(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@\t\r'".indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }
}
