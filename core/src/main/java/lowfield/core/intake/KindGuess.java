package lowfield.core.intake;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.part.Kind;

/** Which kind of part a page speaks of, by its category and name; absent where nothing tells, or two things do. */
public final class KindGuess {
    private static final Map<Kind, String> WORDS = new LinkedHashMap<>();

    static {
        WORDS.put(
                Kind.COOLER,
                "cpu cooler|cpu air cooler|liquid cooler|aio|water cooling|tower cooler|heatsink cooler|cpu coolers");
        WORDS.put(Kind.FAN, "case fans?|pwm fan|chassis fans?|[0-9]{2,3} ?mm fan");
        WORDS.put(Kind.POWER_SUPPLY, "power suppl(?:y|ies)|psus?|80 ?plus");
        WORDS.put(Kind.MOTHERBOARD, "motherboards?|mainboards?");
        WORDS.put(Kind.GRAPHICS_CARD, "graphics? cards?|gpus?|video cards?|gddr[0-9]x?");
        WORDS.put(Kind.MEMORY, "ram|memory kits?|ddr[345]-[0-9]{4}|udimm|so-?dimm|desktop memory");
        WORDS.put(Kind.DRIVE, "ssds?|hard (?:disk|drive)s?|hdds?|nvme|m\\.2 22[0-9]{2,3}");
        WORDS.put(Kind.CASE, "pc cases?|computer cases?|mid[- ]tower|full[- ]tower|mini[- ]tower|tower case|chassis");
        WORDS.put(Kind.SCREEN, "monitors?|displays?");
        WORDS.put(Kind.PROCESSOR, "processors?|cpus?|desktop processor");
    }

    private KindGuess() {}

    public static Optional<Kind> of(String category, String name) {
        return among(category).or(() -> among(name));
    }

    private static Optional<Kind> among(String text) {
        var low = text.toLowerCase(Locale.ROOT);
        // A cooler for CPUs, a fan of a case and a motherboard with memory slots name the other kind too; the first
        // that
        // matches is the narrower one.
        return WORDS.entrySet().stream()
                .filter(e -> Pattern.compile("(?<![a-z0-9])(?:" + e.getValue() + ")(?![a-z0-9])")
                        .matcher(low)
                        .find())
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
