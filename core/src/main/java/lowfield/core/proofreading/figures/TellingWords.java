package lowfield.core.proofreading.figures;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words by which a text tells which of a part's figures it means: "draws" is of its power, "deep" of its depth. */
public final class TellingWords {
    /** By how a label begins; the first that fits. */
    private static final Map<String, String> BY_LABEL = new LinkedHashMap<>();

    static {
        add("price", "cost costs price prices priced pay pays paid asks ask euros spend");
        add("total of the last", "was last total");
        add("total against", "less more cheaper dearer fell rose last");
        add("CPU, cooler and motherboard", "together platform altogether sum");
        add("total", "total whole build altogether together sum everything machine budget tier");
        add("lower end", "floor least");
        add("upper end", "ceiling limit");
        add("what is left in the band", "left leaves leave ceiling remain remains");
        add("step", "step jump next whole build total");
        add("share", "budget total sum build money share costs spend");
        add("sustained peak", "peak peaks build worst whole most");
        add("headroom", "free left leave leaves room keep keeps spare remain remains feed headroom more");
        add("room in front", "left(?!\\sfor) leave leaves free room(?!\\sfor) remain remains air spare front space");
        add("room above", "left(?!\\sfor) free room(?!\\sfor) remain remains air spare above space leaves");
        add("room beside", "left(?!\\sfor) free room(?!\\sfor) remain remains spare beside space leaves leave");
        add("memory of the kit", "memory together all kit altogether");
        add("memory slots", "memory");
        add("memory clearance", "memory leaves leave clears clear free kit kits sticks");
        add(
                "memory profile speed",
                "(?<!without\\sthe\\s)(?<!without\\sits\\s)(?<!without\\sa\\s)profile runs run clock rated speed");
        add("memory", "memory vram textures");
        add("module size", "module modules each stick sticks");
        add("maximum memory", "most maximum fit fits takes take stops ends ending up limit");
        add("largest memory module", "largest module modules");
        add("board power", "draw draws drawing takes take power pulls pull limit burns uses use feed heat need needs");
        add(
                "maximum power",
                "draw draws drawing takes take power pulls pull limit burns uses use gets heat stops stop chip");
        add("TDP", "paper label labels nominal tdp rated");
        add("power spike", "spike spikes peak peaks surge surges");
        add("recommended PSU", "recommended asks ask asked calls wants want needs need requires recommends");
        add("length of the PSU bay", "bay supply psu");
        add("length", "long length longer short shorter measures needs");
        add("thickness", "thick thickness deep");
        add("height of the PSU shroud", "shroud");
        add("height", "high tall height higher stands");
        add("weight", "weigh weighs heavy weight");
        add("noise", "noise loud louder quiet quieter silent hear makes hums");
        add("warranty", "warranty warranties guarantee guaranteed guarantees gives promises covers covered stands");
        add("boost clock", "clock clocks boost boosts reach reaches");
        add("cache", "cache caches");
        add("official memory speed", "official officially memory");
        add("fastest memory", "memory allows lets");
        add(
                "JEDEC speed",
                "without(?=[.,;]) without\\s(?:it|(?:the|a|its)\\sprofile) of\\sthe\\sbox starts? until default");
        add("cooling capacity", "cool cools cooling takes take carry carries handle handles good made enough plenty");
        add("radiator thickness", "thick thickness");
        add("radiator", "radiator");
        add("capacity", "holds hold room capacity space");
        add("sequential read", "read reads reading");
        add("sequential write", "write writes writing");
        add("TBW", "endur[a-z]+ written writing write lasts last tbw");
        add("rated power", "rated gives give delivers unit supply supplies psu");
        add("graphics card clearance", "card(?!\\s(?:needs|is|has|itself|takes)) cards");
        add("card clearance with a front radiator", "radiator");
        add("CPU cooler clearance", "cooler coolers");
        add("PSU clearance", "shroud supply supplies psu unit units");
        add("volume", "litres litre volume box");
        add("width", "wide width");
        add("depth", "deep depth");
        add("cable room", "cable cables behind tray");
        add("diagonal", "inches inch screen");
        add("refresh rate", "hertz refresh shows show");
    }

    private static final Pattern ARTICLE = Pattern.compile("^(?:the|its) ");
    private static final Pattern SELDOM = Pattern.compile("JEDEC|TDP|largest|with (?:four|dual)|spike|recommended");
    private static final Map<String, Pattern> MADE = new ConcurrentHashMap<>();

    private TellingWords() {}

    private static void add(String label, String words) {
        BY_LABEL.put(label, words);
    }

    /** Whether words in small letters tell that the figure of a label is meant. */
    public static boolean tell(String label, String words) {
        return MADE.computeIfAbsent(label, TellingWords::pattern).matcher(words).find();
    }

    /** Whether a text that means this figure says so: nobody tells the nominal power and calls it nothing. */
    public static boolean isSeldomMeant(String label) {
        return SELDOM.matcher(label).find();
    }

    /** The label's own words where none are told. */
    private static Pattern pattern(String label) {
        var bare = ARTICLE.matcher(label).replaceFirst("");
        var words = BY_LABEL.entrySet().stream()
                .filter(e -> bare.startsWith(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .map(all -> Stream.of(all.split(" ")))
                .orElseGet(() -> Stream.of(label.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                        .filter(w -> w.length() > 3));
        var any = words.collect(Collectors.joining("|"));
        return Pattern.compile(any.isEmpty() ? "(?!)" : "(?<![\\p{L}])(?:" + any + ")(?![\\p{L}])");
    }
}
