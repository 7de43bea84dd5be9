package lowfield.core.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lowfield.core.part.Kind;

/** Reads figures from the name of a part: "2x24 GB DDR5-5600 CL36", "650 W 80 PLUS Platinum", "M.2 2242 PCIe 4.0 1 TB". */
final class NameReader {
    private static final String WHERE = "the name";

    private final Kind kind;
    private final List<String> chips;

    NameReader(Kind kind, List<String> chips) {
        this.kind = kind;
        this.chips = chips.stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
    }

    List<ReadFigure> read(String name) {
        // What is for a part is not that part.
        if (KindGuess.isForAnother(name)) {
            return List.of();
        }
        var found = new Found(name);
        switch (kind) {
            case MEMORY -> memory(found);
            case POWER_SUPPLY -> psu(found);
            case DRIVE -> drive(found);
            case GRAPHICS_CARD -> card(found);
            case PROCESSOR -> processor(found);
            case CASE -> housing(found);
            case COOLER -> cooler(found);
            case FAN -> fan(found);
            case MOTHERBOARD -> motherboard(found);
            case SCREEN -> screen(found);
            default -> {}
        }
        kind.schema()
                .field("colour")
                .ifPresent(f -> found.text("colour", FigureWords.text(kind.name(), "colour", name)));
        return found.figures;
    }

    private void memory(Found found) {
        found.match("\\b(\\d) ?x ?(\\d{1,3}) ?gb\\b").ifPresent(m -> {
            found.add("modules", Integer.valueOf(m.group(1)), m.group());
            found.add("moduleSize", Integer.valueOf(m.group(2)), m.group());
        });
        found.text("generation", FigureWords.text(kind.name(), "generation", found.low));
        found.number("speed", "\\bddr[345][- ](\\d{4,5})\\b|\\b(\\d{4,5}) ?(?:mt/s|mhz)\\b");
        found.number("latency", "\\bcl ?-?(\\d{2})\\b");
        found.text("kind", FigureWords.text(kind.name(), "kind", found.low));
        if (found.low.matches(".*\\bargb\\b.*|.*\\brgb\\b.*")) {
            found.add("lit", true, "RGB");
        }
    }

    private void psu(Found found) {
        found.number("rating", "(?<![\\d.,])(\\d{3,4}) ?w(?:atts?)?\\b");
        found.match("(?<![\\d.,])(\\d(?:[.,]\\d{1,2})?) ?kw\\b")
                .ifPresent(m ->
                        Quantity.of(m.group(), "W", true).ifPresent(watts -> found.add("rating", watts, m.group())));
        if (found.low.matches(".*(80 ?plus|gold|platinum|titanium|bronze).*")) {
            found.text("efficiency", FigureWords.text(kind.name(), "efficiency", found.low));
        }
        found.text("cables", FigureWords.text(kind.name(), "cables", found.low));
        found.text("standard", FigureWords.text(kind.name(), "standard", found.low));
        if (found.low.matches(".*\\bsfx.*")) {
            found.text("format", FigureWords.text(kind.name(), "format", found.low));
        }
    }

    private void drive(Found found) {
        found.match("(?<![\\d.,])(\\d{1,4}(?:[.,]\\d{1,2})?) ?(tb|gb)\\b(?!/s|it)")
                .ifPresent(
                        m -> Quantity.of(m.group(), "GB", true).ifPresent(gb -> found.add("capacity", gb, m.group())));
        found.text("shape", FigureWords.text(kind.name(), "shape", found.low));
        found.number("generation", "\\bpcie? ?(?:gen ?)?(\\d)(?:\\.0)?\\b");
        if (found.low.matches(".*\\b(nvme|sata|pcie)\\b.*")) {
            found.text("protocol", FigureWords.text(kind.name(), "protocol", found.low));
        }
        found.text("cells", FigureWords.text(kind.name(), "cells", found.low));
        if (found.low.matches(".*\\b(ssd|nvme|solid[- ]state)\\b.*")) {
            found.add("type", "solid-state", found.name);
        } else if (found.low.matches(".*\\b(hdd|hard (disk|drive))\\b.*")) {
            found.add("type", "hard disk", found.name);
        }
    }

    private void card(Found found) {
        found.text("chip", chip(found.name));
        found.number("memory", "\\b(\\d{1,2}) ?gb?\\b");
        found.text("memoryType", FigureWords.text(kind.name(), "memoryType", found.low));
    }

    private void processor(Found found) {
        found.text("chip", chip(found.name));
        found.number("cores", "\\b(\\d{1,2})(?:[- ]cores?|c/\\d{1,3}t)\\b");
        found.number("threads", "\\b(\\d{1,3})[- ]threads?\\b|\\b\\d{1,2}c/(\\d{1,3})t\\b");
        found.socket();
        if (found.low.matches(".*\\b(with cooler|cooler included)\\b.*")) {
            found.add("coolerInBox", true, found.name);
        }
    }

    private void housing(Found found) {
        if (found.low.contains("tempered glass")) {
            found.add("window", true, "tempered glass");
        }
        // A radiator or a fan of a case has a size too; what is said of cards and coolers names them.
        found.number(
                "cardLength", "\\b(?:gpus?|(?:graphics? )?cards?)(?: length)?:? (?:up to|max\\.?) (\\d{3}) ?mm\\b");
        found.number(
                "coolerHeight",
                "\\bcoolers?(?: height)?:? (?:up to|max\\.?) (\\d{2,3}) ?mm\\b|\\bmax\\.? (?:cpu )?cooler(?: height)? (\\d{2,3}) ?mm\\b");
        found.number("fans", "\\b(\\d) ?(?:x ?)?(?:1[24]0 ?mm )?(?:pwm |argb )?fans?\\b(?! (?:places|mounts|slots))");
        FigureWords.set(kind.name(), "formats", format(found.low)).ifPresent(f -> found.add("formats", f, found.name));
    }

    private void cooler(Found found) {
        if (found.low.matches(".*\\b(aio|liquid|water)\\b.*")) {
            found.number("radiator", "\\b(120|140|240|280|360|420)(?: ?mm)?\\b");
            found.add("type", "liquid", found.name);
            return;
        }
        if (found.low.matches(".*\\b(air cooler|tower|top-?flow|low[- ]profile|downdraft)\\b.*")) {
            found.add("type", "air", found.name);
        }
        found.number("height", "\\b(\\d{2,3}) ?mm (?:high|tall|height|in height)\\b|\\bheight:? (\\d{2,3}) ?mm\\b");
    }

    private void fan(Found found) {
        found.number("size", "\\b(40|60|80|92|120|140|180|200) ?mm\\b");
        found.number(
                "count",
                "\\b(\\d)[- ]?(?:pack|pcs|pieces)\\b|\\bpack of (\\d)\\b|\\b(\\d) ?x ?(?:1[24]0|80|92) ?mm\\b");
        if (found.low.matches(".*\\btriple[- ]pack\\b.*")) {
            found.add("count", 3, "triple pack");
        } else if (found.low.matches(".*\\b(twin|dual)[- ]pack\\b.*")) {
            found.add("count", 2, "twin pack");
        }
    }

    private void screen(Found found) {
        found.number("refresh", "\\b(\\d{2,3}) ?hz\\b");
        found.match("(?<![\\d.,])(\\d{2}(?:[.,]\\d)?)[- ]?(?:\"|″|''|inch(?:es)?\\b|in\\b)")
                .ifPresent(m -> found.add(
                        "diagonal",
                        (int) Math.round(Double.parseDouble(m.group(1).replace(',', '.'))),
                        m.group()));
        found.text("resolution", FigureWords.text(kind.name(), "resolution", found.low));
    }

    /** The form factor that a name says once, as in "Micro ATX Tower Case"; nothing where it says several. */
    private static String format(String low) {
        return Pattern.compile("\\b(e-atx|micro[- ]?atx|m-?atx|mini[- ]?itx|atx)\\b")
                .matcher(low)
                .results()
                .map(MatchResult::group)
                .distinct()
                .collect(Collectors.collectingAndThen(Collectors.toList(), l -> l.size() == 1 ? l.get(0) : ""));
    }

    private void motherboard(Found found) {
        found.text(
                "format",
                FigureWords.text(kind.name(), "format", found.low)
                        .filter(f -> !f.equals("ATX") || found.low.matches(".*\\batx\\b.*")));
        found.socket();
        if (found.low.matches(".*\\bwi-?fi\\b.*")) {
            found.add("radio", true, found.name);
        }
        found.text("memoryGeneration", FigureWords.text(kind.name(), "memoryGeneration", found.low));
        found.number(
                "memorySlots",
                "\\b(\\d) ?x? ?(?:dimm|ddr[45])(?: slots?)?\\b(?! ?[-\\d])|\\b(\\d) (?:memory|ram) slots?\\b");
    }

    /** The longest chip name that the catalogue knows and the part's name holds. */
    private Optional<String> chip(String name) {
        return chips.stream()
                .filter(c -> Pattern.compile(
                                "(?<![\\p{L}\\p{N}])" + Pattern.quote(c) + "(?![\\p{L}\\p{N}])",
                                Pattern.CASE_INSENSITIVE)
                        .matcher(name)
                        .find())
                .findFirst();
    }

    /** What has been found in one name. */
    private final class Found {
        private final String name;
        private final String low;
        private final List<ReadFigure> figures = new ArrayList<>();

        Found(String name) {
            this.name = name;
            this.low = name.toLowerCase(Locale.ROOT);
        }

        void add(String field, Object value, String words) {
            figures.add(new ReadFigure(kind.schema().field(field).orElseThrow(), value, WHERE, words));
        }

        /** The one match of a pattern; absent where it matches twice with different words. */
        Optional<MatchResult> match(String regex) {
            var all = Pattern.compile(regex).matcher(low).results().toList();
            return all.stream().map(MatchResult::group).distinct().count() == 1
                    ? Optional.of(all.get(0))
                    : Optional.empty();
        }

        void number(String field, String regex) {
            match(regex).ifPresent(m -> {
                for (int i = 1; i <= m.groupCount(); i++) {
                    if (m.group(i) != null) {
                        add(field, Integer.valueOf(m.group(i)), m.group());
                    }
                }
            });
        }

        /** "socket Fen", as it is written. */
        void socket() {
            var said = Pattern.compile("\\b[Ss]ocket ([\\p{L}\\p{N}][\\p{L}\\p{N}+-]{0,29})")
                    .matcher(name);
            if (said.find()) {
                add("socket", said.group(1), said.group());
            }
        }

        void text(String field, Optional<String> value) {
            value.ifPresent(v -> add(field, v, name));
        }
    }
}
