package lowfield.core.intake;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;

/**
 * Reads figures of a kind from what a page states and from the part's name. What is not stated in words that mean one figure
 * and one value is not read: a gap is better than a guess.
 */
public final class FigureReader {
    private static final String NO = "no|none|not included|not supported|without|-|—|n/a|0";
    private static final String YES = "yes|included|supported|✓|✔|true|with";

    private final Kind kind;
    private final NameReader names;

    /** {@code chips} are those that the catalogue knows for the kind. */
    public FigureReader(Kind kind, List<String> chips) {
        this.kind = kind;
        this.names = new NameReader(kind, chips);
    }

    /** Every figure that was read, in the order of the kind's figures; those of one figure that differ stand together. */
    public Map<Field, List<ReadFigure>> read(String name, List<Statement> statements) {
        var found = new ArrayList<ReadFigure>();
        for (var statement : statements) {
            Labels.fields(kind, statement.label())
                    .forEach(field -> value(field, statement)
                            .filter(value -> isBelievable(field, value))
                            .ifPresent(value ->
                                    found.add(new ReadFigure(field, value, statement.where(), statement.words()))));
        }
        found.addAll(names.read(name));
        var byField = new LinkedHashMap<Field, List<ReadFigure>>();
        for (var field : kind.schema().fields()) {
            var of = found.stream().filter(f -> f.field().equals(field)).toList();
            if (!of.isEmpty()) {
                byField.put(field, of);
            }
        }
        return byField;
    }

    /** Zero of something measured, or more than the figure can be, is a slip of the page. */
    private boolean isBelievable(Field field, Object value) {
        return !(value instanceof Integer number)
                || number <= field.most() && (number > 0 || field.unit().isEmpty());
    }

    private Optional<Object> value(Field field, Statement statement) {
        var text = statement.text().strip();
        return switch (field.holds()) {
            case NUMBER -> number(field, statement).map(n -> n);
            case YES_NO -> yesOrNo(field, text).map(y -> y);
            case TEXT -> FigureWords.text(kind.name(), field.name(), text).map(t -> t);
            case SET -> FigureWords.set(kind.name(), field.name(), text).map(s -> s);
            case PAIRS, ROWS -> RowReader.read(kind, field, text);
        };
    }

    private Optional<Integer> number(Field field, Statement statement) {
        var text = statement.text();
        var low = text.toLowerCase(Locale.ROOT);
        if (field.name().equals("generation")) {
            return first("pcie?[ -]?(?:express )?(?:gen ?)?(\\d)(?:\\.0)?", low)
                    .or(() -> statement.label().toLowerCase(Locale.ROOT).matches(".*pcie?.*")
                            ? first("^(?:gen ?)?(\\d)(?:\\.0)?(?: ?x ?\\d{1,2})?$", low)
                            : Optional.empty());
        }
        if (field.name().equals("lanes") || field.name().equals("cardLanes")) {
            return first("x ?(16|8|4)\\b", low).or(() -> Quantity.of(text, "", true));
        }
        if (kind == Kind.GRAPHICS_CARD && field.name().equals("eightPins")) {
            return low.contains("12v-2x6") || low.contains("12vhpwr")
                    ? Optional.empty()
                    : first("(\\d) ?[x×] ?8[- ]?pin", low)
                            .or(() ->
                                    statement.label().contains("8") ? first("^(\\d)(?: ?x)?$", low) : Optional.empty());
        }
        if (kind == Kind.GRAPHICS_CARD && field.name().equals("slotsCovered")) {
            return first("^(\\d)(?:[- ]slots?)?$", low);
        }
        if (field.name().equals("warranty") && low.contains("month")) {
            return Quantity.of(text, "years", false);
        }
        if (kind == Kind.CASE && field.name().startsWith("bays")) {
            return first("^(\\d{1,2})\\b", low);
        }
        if (kind == Kind.POWER_SUPPLY && field.unit().isEmpty()
                || kind == Kind.MOTHERBOARD && field.unit().isEmpty()) {
            return first("^(\\d{1,2}) ?(?:x\\b|$)", low);
        }
        var unit = Labels.unit(statement.label());
        var said = unit.isPresent() && text.strip().matches("[\\d.,]+") ? text.strip() + " " + unit.get() : text;
        return Quantity.of(said, field.unit(), kind != Kind.CASE);
    }

    private static Optional<Integer> first(String regex, String text) {
        var matches = Pattern.compile(regex)
                .matcher(text)
                .results()
                .map(m -> Integer.valueOf(m.group(1)))
                .distinct()
                .toList();
        return matches.size() == 1 ? Optional.of(matches.get(0)) : Optional.empty();
    }

    private Optional<Boolean> yesOrNo(Field field, String text) {
        var low = text.toLowerCase(Locale.ROOT);
        if (field.name().equals("sixteenPin") && kind == Kind.GRAPHICS_CARD) {
            return low.contains("12v-2x6") || low.contains("12vhpwr")
                    ? Optional.of(true)
                    : low.matches(".*8[- ]?pin.*") ? Optional.of(false) : Optional.empty();
        }
        if (field.name().equals("window")) {
            return low.contains("tempered glass") ? Optional.of(true) : plain(low);
        }
        if (field.name().equals("vented")) {
            return low.contains("mesh") ? Optional.of(true) : Optional.empty();
        }
        if (field.name().equals("radio") && low.matches(".*wi-?fi ?\\d.*")) {
            return Optional.of(true);
        }
        return low.matches("[1-9]( ?x.*)?") ? Optional.of(true) : plain(low);
    }

    private static Optional<Boolean> plain(String low) {
        return low.matches(YES) ? Optional.of(true) : low.matches(NO) ? Optional.of(false) : Optional.empty();
    }
}
