package lowfield.core.proofreading.guard;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a word of comparison says.
 *
 * @param labels the figures that it can be of; of one part the first that is on file
 * @param isMore whether of more; otherwise of less
 * @param opposite the word that says the contrary
 */
record Relation(List<String> labels, boolean isMore, String opposite) {
    private static final Map<String, Relation> BY_WORD = new LinkedHashMap<>();
    /** What is "as long as" or "twice as long as" something else, by the word between. */
    private static final Map<String, List<String>> BY_QUALITY = new LinkedHashMap<>();

    static {
        pair("cheaper", "dearer", "price");
        pair("less expensive", "more expensive", "price");
        pair("lower in price", "higher in price", "price");
        pair("quieter", "louder", "noise");
        pair("shorter", "longer", "length");
        pair("lighter", "heavier", "weight");
        pair("thinner", "thicker", "thickness");
        pair("lower", "taller", "height");
        pair("narrower", "wider", "width");
        pair("less memory", "more memory", "memory", "memory of the kit");
        pair("fewer cores", "more cores", "cores");
        pair("fewer threads", "more threads", "threads");
        pair("less cache", "more cache", "cache");
        pair("draws less", "draws more", "board power", "maximum power");
        pair("costs less", "costs more", "price");
        quality("price", "expensive", "dear", "cheap");
        quality("noise", "loud", "quiet");
        quality("length", "long", "short");
        quality("weight", "heavy", "light");
        quality("thickness", "thick");
        quality("height", "high", "tall");
        quality("width", "wide");
        BY_QUALITY.put("much memory", List.of("memory", "memory of the kit"));
        quality("cache", "much cache");
        quality("cores", "many cores");
        quality("threads", "many threads");
        quality("capacity", "much room");
    }

    Relation {
        labels = List.copyOf(labels);
    }

    private static void pair(String less, String more, String... labels) {
        BY_WORD.put(less, new Relation(List.of(labels), false, more));
        BY_WORD.put(more, new Relation(List.of(labels), true, less));
    }

    private static void quality(String label, String... words) {
        for (var word : words) {
            BY_QUALITY.put(word, List.of(label));
        }
    }

    /** Every word that stands before "than", for an expression. */
    static String words() {
        return any(BY_WORD);
    }

    /** Every word that stands between "as" and "as", for an expression. */
    static String qualities() {
        return any(BY_QUALITY);
    }

    private static String any(Map<String, ?> by) {
        return by.keySet().stream().sorted((a, b) -> b.length() - a.length()).collect(Collectors.joining("|"));
    }

    /** @param word in small letters */
    static Optional<Relation> of(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }

    /** @param word in small letters, like "long" */
    static List<String> ofQuality(String word) {
        return BY_QUALITY.getOrDefault(word, List.of());
    }
}
