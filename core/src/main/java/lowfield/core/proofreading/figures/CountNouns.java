package lowfield.core.proofreading.figures;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What is counted, by the label of its figure: how a text names it behind the number. */
public final class CountNouns {
    /** Longer names before those that they end like. */
    private static final Map<String, Pattern> BY_LABEL = new LinkedHashMap<>();

    static {
        add("cores", "cores?");
        add("threads", "threads?");
        add("PCIe lanes", "(?:pcie )?lanes?");
        add("PCIe lanes for graphics cards", "(?:pcie )?lanes?");
        add("memory slots", "(?:memory|ram) slots?");
        add("M.2 slots", "m\\.2(?: slots?)?");
        add("expansion slots", "expansion slots?");
        add("slots covered", "slots?(?! free)");
        add("SATA ports", "sata ports?");
        add("SATA plugs", "sata plugs?");
        add("fan headers", "fan headers?");
        add("pump headers", "pump headers?");
        add("front USB-A ports", "(?:front )?usb-a(?: ports?)?");
        add("rear USB-A ports", "(?:rear )?usb-a(?: ports?)?");
        add("rear USB-C ports", "(?:rear )?usb-c(?: ports?)?");
        add(
                "8-pin PCIe plugs",
                "8-pin(?: pcie)?(?: (?:plugs?|connectors?))?|(?:plugs?|connectors?) with (?:eight|8) pins");
        add("EPS plugs", "eps plugs?");
        add("fans included", "(?:case )?fans?");
        add("3.5-inch drive bays", "(?:3\\.5-inch|big|large)(?: drive)? bays?");
        add("2.5-inch drive bays", "(?:2\\.5-inch|small)(?: drive)? bays?");
        add("modules", "modules?");
    }

    private CountNouns() {}

    private static void add(String label, String noun) {
        BY_LABEL.put(label, Pattern.compile(noun));
    }

    /** An expression for anything that is counted. */
    public static String expression() {
        return "(?:"
                + String.join(
                        "|",
                        BY_LABEL.values().stream()
                                .map(Pattern::pattern)
                                .distinct()
                                .toList()) + ")(?![\\p{L}\\d-])";
    }

    public static boolean isCounted(String label) {
        return BY_LABEL.containsKey(label);
    }

    /** Whether words behind a number count what a label names. */
    public static boolean names(String label, String noun) {
        return Optional.ofNullable(BY_LABEL.get(label))
                .filter(p -> p.matcher(noun).matches())
                .isPresent();
    }
}
