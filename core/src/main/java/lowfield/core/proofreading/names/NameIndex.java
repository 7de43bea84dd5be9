package lowfield.core.proofreading.names;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import lowfield.core.part.Part;

/** The names of a catalogue: which parts a text names, written whole or without their maker. */
public final class NameIndex {
    private static final int MOST_NAMED = 40;
    private static final int MOST_WORDS = 6;
    /** Words that begin with a capital or a digit, one after the other. */
    private static final Pattern RUN = Pattern.compile("[\\p{Lu}][\\p{L}\\d-]*(?: [\\p{Lu}\\d][\\p{L}\\d-]*)+");

    private final Map<String, List<Part>> byName = new HashMap<>();

    public NameIndex(Iterable<Part> parts) {
        for (var part : parts) {
            NameForms.of(part.name()).stream()
                    .filter(form -> form.contains(" "))
                    .forEach(form -> byName.computeIfAbsent(form, f -> new ArrayList<>(1))
                            .add(part));
        }
    }

    /** Whether a part of at least two words is called so. */
    public boolean isOne(String name) {
        return byName.containsKey(name);
    }

    /** The parts that a text names by at least two words; of the versions of a product one. */
    public Set<Part> in(String text) {
        var found = new LinkedHashSet<Part>();
        var runs = RUN.matcher(text);
        while (runs.find() && found.size() < MOST_NAMED) {
            var words = List.of(runs.group().split(" "));
            for (int from = 0; from < words.size() - 1; from++) {
                for (int to = Math.min(words.size(), from + MOST_WORDS); to > from + 1; to--) {
                    found.addAll(one(String.join(" ", words.subList(from, to))));
                }
            }
        }
        return found;
    }

    private List<Part> one(String name) {
        return byName.getOrDefault(name, List.of()).stream().limit(1).toList();
    }
}
