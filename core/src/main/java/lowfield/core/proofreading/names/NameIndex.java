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
    /** Words that begin with a capital or a digit, one after the other; a pattern of them all would recurse a word at a time. */
    private static final Pattern WORD = Pattern.compile("[\\p{Lu}\\d][\\p{L}\\d-]*");

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
        for (var words : runs(text)) {
            for (int from = 0; from < words.size() - 1 && found.size() < MOST_NAMED; from++) {
                for (int to = Math.min(words.size(), from + MOST_WORDS); to > from + 1; to--) {
                    found.addAll(one(String.join(" ", words.subList(from, to))));
                }
            }
        }
        return found;
    }

    /** Words with one space between them, the first with a capital. */
    private static List<List<String>> runs(String text) {
        var runs = new ArrayList<List<String>>();
        var words = WORD.matcher(text);
        var end = -1;
        while (words.find()) {
            var goesOn = end >= 0 && words.start() == end + 1 && text.charAt(end) == ' ';
            if (goesOn) {
                runs.get(runs.size() - 1).add(words.group());
                end = words.end();
            } else if (Character.isUpperCase(words.group().codePointAt(0))) {
                runs.add(new ArrayList<>(List.of(words.group())));
                end = words.end();
            } else {
                end = -1;
            }
        }
        return runs;
    }

    private List<Part> one(String name) {
        return byName.getOrDefault(name, List.of()).stream().limit(1).toList();
    }
}
