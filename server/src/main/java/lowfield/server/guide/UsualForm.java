package lowfield.server.guide;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.guide.UsualValues;
import org.jspecify.annotations.Nullable;

/** One usual value as it is typed, stored and shown; the label and the unit are only shown. */
public record UsualForm(
        UsualValue value,
        int low,
        int usual,
        int high,
        @Nullable String label,
        @Nullable String unit) {
    /** What a guide holds of them: those that are not the standard. */
    static UsualValues values(@Nullable List<UsualForm> forms) {
        var spans = new EnumMap<UsualValue, Span>(UsualValue.class);
        if (forms != null) {
            forms.forEach(f -> RuleBroken.unless(
                    spans.put(f.value(), Span.between(f.low(), f.usual(), f.high())) == null,
                    "The usual %s is named twice.",
                    f.value().label()));
        }
        return UsualValues.of(spans);
    }

    /** All of them, as a guide has them. */
    static List<UsualForm> all(UsualValues values) {
        return Arrays.stream(UsualValue.values()).map(v -> of(v, values.of(v))).toList();
    }

    /** Those that are not the standard, as they are stored. */
    static List<UsualForm> own(Map<UsualValue, Span> own) {
        return own.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new UsualForm(
                        e.getKey(),
                        e.getValue().low(),
                        e.getValue().usual(),
                        e.getValue().high(),
                        null,
                        null))
                .toList();
    }

    private static UsualForm of(UsualValue value, Span span) {
        return new UsualForm(value, span.low(), span.usual(), span.high(), value.label(), value.unit());
    }
}
