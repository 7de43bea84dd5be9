package lowfield.core.intake;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The words of a label, whatever their order: "Max. length of the graphics card (mm)" and "Maximum GPU length" are the same.
 * What stands in brackets, plurals and little words do not count.
 */
record LabelWords(Set<String> words) {
    private static final Set<String> LITTLE = Set.of("of", "the", "a", "an", "for", "in", "at", "number", "supported");

    /** Words for one thing; what is longer comes first. */
    private static final Map<String, String> SAME = same(
            "graphics card", "gpu",
            "video card", "gpu",
            "vga", "gpu",
            "power supply", "psu",
            "pci express", "pcie",
            "wi fi", "wifi",
            "processor", "cpu",
            "mainboard", "motherboard",
            "maximum", "max",
            "minimum", "min",
            "color", "colour",
            "connector", "plug",
            "ram", "memory",
            "dimm", "memory");

    static LabelWords of(String label) {
        var plain = label.toLowerCase(Locale.ROOT)
                .replaceAll("\\((?!max|min)[^)]*\\)", " ")
                .replaceAll("[^a-z0-9]+", " ")
                .strip();
        for (var same : SAME.entrySet()) {
            plain = plain.replaceAll("\\b" + same.getKey() + "(s?)\\b", same.getValue() + "$1");
        }
        var words = new TreeSet<String>();
        for (var word : plain.split(" ")) {
            if (!word.isEmpty() && !LITTLE.contains(word)) {
                words.add(singular(word));
            }
        }
        return new LabelWords(words);
    }

    private static String singular(String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us")
                ? word.substring(0, word.length() - 1)
                : word;
    }

    private static Map<String, String> same(String... pairs) {
        var same = new LinkedHashMap<String, String>();
        for (int i = 0; i < pairs.length; i += 2) {
            same.put(pairs[i], pairs[i + 1]);
        }
        return same;
    }
}
