package lowfield.core.check;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lowfield.core.offer.Sold;
import lowfield.core.part.Figure;

/** Values as text that two processes and two years agree on, for what is stored or hashed. */
final class Canonical {
    private Canonical() {}

    static String text(Object value) {
        if (value instanceof Figure<?> figure) {
            return figure.value().map(Canonical::text).orElse(figure instanceof Figure.NotApplicable ? "n/a" : "?");
        }
        if (value instanceof Optional<?> optional) {
            return optional.map(Canonical::text).orElse("-");
        }
        if (value instanceof Set<?> set) {
            return set.stream().map(Canonical::text).sorted().collect(Collectors.joining(",", "{", "}"));
        }
        if (value instanceof Collection<?> list) {
            return list.stream().map(Canonical::text).collect(Collectors.joining(",", "[", "]"));
        }
        if (value instanceof Map<?, ?> map) {
            var sorted = new TreeMap<String, String>();
            map.forEach((key, held) -> sorted.put(text(key), text(held)));
            return sorted.entrySet().stream()
                    .map(e -> e.getKey() + "=" + e.getValue())
                    .collect(Collectors.joining(",", "{", "}"));
        }
        if (value instanceof Sold sold) {
            var cooler = sold.boxedCooler().map(c -> c ? " with-cooler" : " without-cooler");
            return Tags.ofFact(sold.condition()) + cooler.orElse("");
        }
        if (value instanceof Record row) {
            return CanonicalRows.of(row);
        }
        if (value instanceof Enum<?> constant) {
            return Tags.ofFact(constant);
        }
        return "\"" + value.toString().replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }
}
