package lowfield.core.proofreading.guard;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * How much each clue speaks for what it is seen with; below zero, against it. They are learned from reasons of which is known
 * what each figure means ({@code ./lowfield measure guard learn}), and stand in {@code weights.properties}.
 */
public record Weights(Map<String, Double> byClue) {
    /** What would end a key, or begin a comment. */
    private static final Pattern KEY = Pattern.compile("[\\\\\\s:=#!]");

    private static final Weights SHIPPED = read();

    public Weights {
        byClue = Map.copyOf(byClue);
    }

    /** Those that the guard reads with. */
    public static Weights shipped() {
        return SHIPPED;
    }

    /** The sum over all clues; one that was never learned says nothing. */
    double of(Collection<String> clues) {
        return clues.stream().mapToDouble(c -> byClue.getOrDefault(c, 0.0)).sum();
    }

    /** As a file of properties: one clue a line, in the order of the alphabet. */
    public String text() {
        return new TreeMap<>(byClue)
                .entrySet().stream()
                        .map(e -> String.format(
                                Locale.ROOT,
                                "%s=%.3f\n",
                                KEY.matcher(e.getKey()).replaceAll("\\\\$0"),
                                e.getValue()))
                        .collect(Collectors.joining());
    }

    private static Weights read() {
        var file = ResourceBundle.getBundle(Weights.class.getPackageName() + ".weights", Locale.ROOT);
        return new Weights(file.keySet().stream()
                .collect(Collectors.toMap(clue -> clue, clue -> Double.valueOf(file.getString(clue)))));
    }
}
