package lowfield.core.intake;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Pattern;

/** How words on a page are written as figures: form factors, plugs, classes and colours by the names that checks know. */
final class FigureWords {
    private static final Map<String, String> FORMATS = ordered(
            "e-?atx|extended atx", "E-ATX",
            "micro[- ]?atx|m-?atx|µatx|matx", "micro-ATX",
            "mini[- ]?itx|itx|mitx", "mini-ITX",
            "atx", "ATX");
    private static final Map<String, String> PSU_FORMATS =
            ordered("sfx-?l", "SFX-L", "sfx", "SFX", "tfx", "TFX", "atx(?: ?12v)?", "ATX");
    private static final Map<String, String> OUTPUTS = ordered(
            "display ?port|dp",
            "DisplayPort",
            "hdmi",
            "HDMI",
            "dvi(?:-[di])?",
            "DVI",
            "vga",
            "VGA",
            "usb[- ]?c",
            "USB-C");
    private static final Map<String, String> CLASSES = ordered(
            "(?:80 ?(?:plus|\\+) ?)?titanium", "80 PLUS Titanium",
            "(?:80 ?(?:plus|\\+) ?)?platinum", "80 PLUS Platinum",
            "(?:80 ?(?:plus|\\+) ?)?gold", "80 PLUS Gold",
            "(?:80 ?(?:plus|\\+) ?)?silver", "80 PLUS Silver",
            "(?:80 ?(?:plus|\\+) ?)?bronze", "80 PLUS Bronze",
            "80 ?plus(?: white| standard)?", "80 PLUS");
    private static final Map<String, String> COLOURS = ordered(
            "black", "black", "white", "white", "silver", "silver", "gr[ae]y", "grey", "red", "red", "blue", "blue",
            "pink", "pink", "green", "green");
    private static final Map<String, String> CELLS = ordered("qlc", "QLC", "tlc", "TLC", "mlc", "MLC", "slc", "SLC");
    private static final Map<String, String> SHAPES = ordered(
            "m\\.?2 ?[(-]?2230",
            "M.2 2230",
            "m\\.?2 ?[(-]?2242",
            "M.2 2242",
            "m\\.?2 ?[(-]?2260",
            "M.2 2260",
            "m\\.?2 ?[(-]?22110",
            "M.2 22110",
            "m\\.?2 ?[(-]?2280",
            "M.2 2280",
            "2[.,]5[- ]?(?:inch|in|\")",
            "2.5 inch",
            "3[.,]5[- ]?(?:inch|in|\")",
            "3.5 inch");
    private static final Map<String, String> RESOLUTIONS = ordered(
            "3840 ?[x×] ?2160|4k|uhd",
            "3840 x 2160",
            "3440 ?[x×] ?1440|uwqhd",
            "3440 x 1440",
            "2560 ?[x×] ?1440|1440p|qhd|wqhd",
            "2560 x 1440",
            "1920 ?[x×] ?1080|1080p|full hd|fhd",
            "1920 x 1080");

    private static final Map<String, Function<String, Optional<String>>> TEXTS = Map.ofEntries(
            Map.entry("MOTHERBOARD.format", t -> one(FORMATS, t)),
            Map.entry("POWER_SUPPLY.format", t -> one(PSU_FORMATS, t)),
            Map.entry("POWER_SUPPLY.efficiency", t -> one(CLASSES, t)),
            Map.entry(
                    "POWER_SUPPLY.standard",
                    t -> pattern("atx ?(?:12v )?(?:v(?:ersion)?\\.? ?)?([23]\\.\\d{1,2})", t, "ATX %s")
                            .or(() -> pattern("^v?(?:ersion )?([23]\\.\\d{1,2})$", t, "ATX %s"))),
            Map.entry("POWER_SUPPLY.cables", FigureWords::modularity),
            Map.entry("MOTHERBOARD.memoryGeneration", FigureWords::ddr),
            Map.entry("MEMORY.generation", FigureWords::ddr),
            Map.entry("MEMORY.kind", FigureWords::moduleType),
            Map.entry(
                    "GRAPHICS_CARD.memoryType",
                    t -> pattern("(gddr\\d\\w?)", t, "%s").map(w -> w.toUpperCase(Locale.ROOT))),
            Map.entry("DRIVE.shape", t -> one(SHAPES, t)),
            Map.entry("DRIVE.cells", t -> one(CELLS, t)),
            Map.entry("DRIVE.protocol", FigureWords::protocol),
            Map.entry("SCREEN.resolution", t -> one(RESOLUTIONS, t)),
            Map.entry("COOLER.type", FigureWords::coolerType));

    private FigureWords() {}

    private static Map<String, String> ordered(String... pairs) {
        var map = new LinkedHashMap<String, String>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(pairs[i], pairs[i + 1]);
        }
        return map;
    }

    /** The text of a figure; absent when the words are none that its checks know, or are several. */
    static Optional<String> text(String kind, String field, String words) {
        var bare = words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
        if (field.equals("colour")) {
            return one(COLOURS, bare);
        }
        var reader = TEXTS.get(kind + "." + field);
        return reader == null
                ? Optional.of(words.strip()).filter(w -> !w.isEmpty() && w.length() <= 40)
                : reader.apply(bare);
    }

    /** The words of a figure that holds several; absent when one of them is not known. */
    static Optional<Set<String>> set(String kind, String field, String words) {
        var bare = words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        if (field.equals("formats") || field.equals("supplyFormats")) {
            var found = all(field.equals("formats") ? FORMATS : PSU_FORMATS, bare);
            return Optional.of(found).filter(f -> !f.isEmpty());
        }
        if (field.equals("outputs")) {
            var found = all(OUTPUTS, bare);
            return Optional.of(found).filter(f -> !f.isEmpty());
        }
        if (field.equals("sockets")) {
            var found = new TreeSet<String>();
            for (var word : words.split("[,;/|]")) {
                found.add(word.strip());
            }
            return Optional.of((Set<String>) found)
                    .filter(f -> f.stream().allMatch(w -> !w.isEmpty() && w.length() <= 30));
        }
        return Optional.empty();
    }

    private static Set<String> all(Map<String, String> known, String words) {
        var rest = words;
        var found = new TreeSet<String>();
        for (var term : known.entrySet()) {
            var matcher = Pattern.compile("(?<![a-z])(?:" + term.getKey() + ")(?![a-z])")
                    .matcher(rest);
            if (matcher.find()) {
                found.add(term.getValue());
                rest = matcher.replaceAll(" ");
            }
        }
        return found;
    }

    private static Optional<String> one(Map<String, String> known, String words) {
        var found = all(known, words);
        return found.size() == 1 ? Optional.of(found.iterator().next()) : Optional.empty();
    }

    private static Optional<String> pattern(String regex, String words, String written) {
        var matcher = Pattern.compile(regex).matcher(words);
        return matcher.find() ? Optional.of(written.formatted(matcher.group(1))) : Optional.empty();
    }

    private static Optional<String> ddr(String words) {
        return pattern("ddr ?([345])", words, "DDR%s");
    }

    private static Optional<String> modularity(String words) {
        if (words.matches(".*\\b(non|not)[- ]modular.*|.*\\bfixed\\b.*|no")) {
            return Optional.of("fixed");
        }
        if (words.matches(".*\\b(semi|partly|partially)[- ]?modular.*|semi")) {
            return Optional.of("semi-modular");
        }
        return words.matches(".*\\b(fully[- ])?modular.*|full|fully|yes") ? Optional.of("modular") : Optional.empty();
    }

    private static Optional<String> moduleType(String words) {
        if (words.contains("so-dimm") || words.contains("sodimm")) {
            return Optional.of("half-width");
        }
        if (words.contains("rdimm") || words.matches(".*(?<!un)registered.*")) {
            return Optional.of("registered");
        }
        return words.contains("udimm") || words.contains("unbuffered") ? Optional.of("unbuffered") : Optional.empty();
    }

    private static Optional<String> protocol(String words) {
        if (words.contains("nvme")) {
            return Optional.of("NVMe");
        }
        return words.contains("sata") ? Optional.of("SATA") : Optional.empty();
    }

    private static Optional<String> coolerType(String words) {
        var liquid = words.matches(".*(liquid|water|aio).*");
        return liquid || words.matches(".*(air|tower|low[- ]profile|top[- ]flow).*")
                ? Optional.of(liquid ? "liquid" : "air")
                : Optional.empty();
    }
}
