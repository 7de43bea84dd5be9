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
                "(?:cpu |air |liquid |tower |heatsink |low[- ]profile )+coolers?|liquid cpu coolers?|aio|water cooling");
        WORDS.put(Kind.FAN, "case fans?|pwm fans?|chassis fans?|[0-9]{2,3} ?mm (?:pwm )?fans?");
        WORDS.put(Kind.POWER_SUPPLY, "power suppl(?:y|ies)|psus?|80 ?(?:plus|\\+)");
        WORDS.put(Kind.MOTHERBOARD, "motherboards?|mainboards?|(?:itx|atx) boards?");
        WORDS.put(Kind.GRAPHICS_CARD, "graphics? cards?|gpus?|video cards?|gddr[0-9]x?");
        WORDS.put(Kind.MEMORY, "ram|memory kits?|ddr[345]-[0-9]{4}|udimm|so-?dimm|desktop memory");
        WORDS.put(Kind.DRIVE, "ssds?|hard (?:disk|drive)s?|hdds?|nvme|m\\.2 22[0-9]{2,3}");
        WORDS.put(
                Kind.CASE,
                "pc cases?|computer cases?|(?:mid|midi|full|mini)[- ]tower|tower case|(?:atx|itx) (?:tower|case)|chassis");
        WORDS.put(Kind.SCREEN, "monitors?|displays?");
        WORDS.put(Kind.PROCESSOR, "processors?|cpus?|desktop processor");
    }

    /** Things that are named after what they are for. */
    private static final Pattern FOR_ANOTHER = Pattern.compile(
            "(?<![a-z0-9])(?:brackets?|enclosures?|mounting kits?|adapters?|riser cables?|extension cables?|heatsinks?|covers?|holders?|stands?|replacement [a-z]+)(?![a-z0-9])[^,]{0,30}?(?<![a-z0-9])for(?![a-z0-9])");

    /** What a case says of the parts that it has room for. */
    private static final Pattern ROOM = Pattern.compile(
            "(?:cpu )?(?:coolers?|cards?|gpus?|radiators?)(?: height| length)?:? (?:up to|max)|max\\.? (?:cpu )?cooler(?: height)?");

    private KindGuess() {}

    /** Whether a name is of something for a part, as in "bracket for a graphics card". */
    static boolean isForAnother(String name) {
        return FOR_ANOTHER.matcher(name.toLowerCase(Locale.ROOT)).find();
    }

    public static Optional<Kind> of(String category, String name) {
        return isForAnother(name) ? Optional.empty() : among(category).or(() -> among(name));
    }

    private static Optional<Kind> among(String text) {
        var low = ROOM.matcher(text.toLowerCase(Locale.ROOT)).replaceAll(" ");
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
