package lowfield.core.intake;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;

/**
 * Reads figures that are rows or pairs, as the catalogue stores them: the M.2 slots of a motherboard, the places of a case for
 * radiators, the BIOS version of each CPU family. All of a statement is read, or nothing of it: a list with a slot missing
 * would say that there is none.
 */
final class RowReader {
    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:[;\\n]|,(?! ?\\d{3}\\b)|\\+| and )\\s*");
    private static final Pattern SLOT = Pattern.compile(
            "(?:(\\d) ?[x×] ?)?m\\.?2(?: (?:slots?|sockets?))?(?: ?\\(?(22\\d{2,3}(?:/(?:22)?\\d{2,3})*)\\)?)?.{0,30}?\\bpcie?(?: express)? ?(?:gen ?)?(\\d)(?:\\.0)?\\b.*");
    private static final Pattern PLACE = Pattern.compile("(front|top|rear|bottom|side)(?: panel)?:? (?:up to )?(.*)");
    private static final Pattern SIZE = Pattern.compile("\\b(120|140|240|280|360|420)\\b");
    private static final Pattern PAIR = Pattern.compile(
            "(\\p{L}[\\p{L}\\p{N} +-]{0,39}?)\\s*(?::|=| from )\\s*([\\p{L}\\p{N}][\\p{L}\\p{N}._-]{0,19})");
    private static final int MOST = 12;

    private RowReader() {}

    /** Rows as lists of maps, pairs as one map. */
    static Optional<Object> read(Kind kind, Field field, String text) {
        var low = text.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
        return switch (kind.name() + "." + field.name()) {
            case "MOTHERBOARD.driveSlots" -> rows(low, RowReader::slots).map(RowReader::named);
            case "CASE.radiators" -> rows(low, RowReader::places).map(r -> r);
            case "MOTHERBOARD.firmware" -> pairs(text);
            default -> Optional.empty();
        };
    }

    /** What one statement's items say, each one row or more; an item without any makes the whole say nothing. */
    private interface Item {
        List<Map<String, Object>> rows(String item);
    }

    private static Optional<List<Map<String, Object>>> rows(String text, Item reader) {
        var all = new ArrayList<Map<String, Object>>();
        for (var item : BETWEEN.split(text, MOST)) {
            var rows = reader.rows(item);
            if (rows.isEmpty()) {
                return Optional.empty();
            }
            all.addAll(rows);
        }
        return all.isEmpty() || all.size() > MOST ? Optional.empty() : Optional.of(all);
    }

    private static List<Map<String, Object>> slots(String item) {
        var said = SLOT.matcher(item);
        if (!said.matches()) {
            return List.of();
        }
        var row = new LinkedHashMap<String, Object>();
        row.put("protocols", item.contains("sata") ? List.of("NVMe", "SATA") : List.of("NVMe"));
        row.put("generation", Integer.valueOf(said.group(3)));
        Optional.ofNullable(said.group(2)).ifPresent(sizes -> row.put("longest", longest(sizes)));
        var many = said.group(1) == null ? 1 : Integer.parseInt(said.group(1));
        return java.util.Collections.nCopies(many, row);
    }

    /** "2242/2260/2280" is up to 80 mm long. */
    private static int longest(String sizes) {
        return Pattern.compile("(?:22)?(\\d{2,3})(?=/|$)")
                .matcher(sizes)
                .results()
                .mapToInt(m -> Integer.parseInt(m.group(1)))
                .max()
                .orElseThrow();
    }

    private static Object named(List<Map<String, Object>> rows) {
        var named = new ArrayList<Map<String, Object>>();
        for (var row : rows) {
            var one = new LinkedHashMap<String, Object>();
            one.put("name", "M2_" + (named.size() + 1));
            one.putAll(row);
            named.add(one);
        }
        return named;
    }

    private static List<Map<String, Object>> places(String item) {
        var said = PLACE.matcher(item);
        if (!said.matches()) {
            return List.of();
        }
        var sizes = SIZE.matcher(said.group(2))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toCollection(TreeSet::new));
        return sizes.isEmpty() ? List.of() : List.of(Map.of("place", said.group(1), "sizes", List.copyOf(sizes)));
    }

    private static Optional<Object> pairs(String text) {
        var pairs = new TreeMap<String, Object>();
        for (var item : Pattern.compile("\\s*[;,\\n]\\s*").split(text.strip(), MOST)) {
            var said = PAIR.matcher(item.strip());
            if (!said.matches()) {
                return Optional.empty();
            }
            pairs.put(said.group(1).strip(), said.group(2));
        }
        return Optional.of(pairs);
    }
}
