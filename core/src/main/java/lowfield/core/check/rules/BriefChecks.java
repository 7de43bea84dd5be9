package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.MEANT;
import static lowfield.core.check.LineFact.NAME;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CablesFigures.CABLES_COLOUR;
import static lowfield.core.check.figures.CardFigures.CARD_COLOUR;
import static lowfield.core.check.figures.CardFigures.CARD_NOISE;
import static lowfield.core.check.figures.CaseFigures.CASE_COLOUR;
import static lowfield.core.check.figures.CaseFigures.CASE_WINDOW;
import static lowfield.core.check.figures.CoolerFigures.COOLER_COLOUR;
import static lowfield.core.check.figures.CoolerFigures.COOLER_NOISE;
import static lowfield.core.check.figures.FanFigures.FAN_COLOUR;
import static lowfield.core.check.figures.FanFigures.FAN_NOISE;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_COLOUR;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_COLOUR;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_FORMAT;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_RADIO;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_REAR_PORTS;
import static lowfield.core.check.figures.PsuFigures.PSU_CABLE_COLOUR;
import static lowfield.core.check.figures.PsuFigures.PSU_FORMAT;
import static lowfield.core.check.figures.PsuFigures.PSU_NOISE;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Input;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** What the tier or the brief asks for beside band and promise; silent on what is not asked for, and never for readers. */
final class BriefChecks {
    private static final View CASE = View.of(Slot.CASE, CASE_COLOUR, CASE_WINDOW);
    private static final Map<View, Input<String>> COLOURS = colours();
    private static final Map<View, Input<Integer>> NOISES = noises();
    private static final Map<View, List<Input<String>>> MEANT_VERSIONS = meantVersions();
    private static final View PORTS = View.of(Slot.MOTHERBOARD, BOARD_REAR_PORTS);
    private static final View RADIO = View.of(Slot.MOTHERBOARD, BOARD_RADIO);
    private static final View WIFI = View.of(Slot.WIFI, SOURCE);

    static final List<Check> ALL = List.of(
            advises("theme", "The parts that can be seen are of the theme's colours")
                    .seeing(List.copyOf(COLOURS.keySet()))
                    .requiring(Requirement.THEME)
                    .fits("of-theme", "%s is %s.")
                    .caution("other", "%s is %s; the theme is %s.")
                    .by(BriefChecks::theme),
            advises("version-meant", "The version of a part that is meant is the one that is chosen")
                    .seeing(List.copyOf(MEANT_VERSIONS.keySet()))
                    .fits("as-meant", "%s is the version that is meant (%s).")
                    .caution("another", "%s is not the version that is meant (%s).")
                    .by(BriefChecks::meant),
            advises("noise", "Nothing is louder than the tier asks")
                    .seeing(List.copyOf(NOISES.keySet()))
                    .requiring(Requirement.MOST_NOISE)
                    .fits("quiet", "%s makes %s dB; at most %s dB are asked for.")
                    .caution("loud", "%s makes %s dB; at most %s dB are asked for.")
                    .by((in, tell) -> in.required(Requirement.MOST_NOISE).ifPresent(most -> noise(in, most, tell))),
            advises("rear-ports", "The motherboard has the rear ports that are asked for")
                    .seeing(PORTS)
                    .requiring(Requirement.REAR_PORTS)
                    .fits("all", "The motherboard has %s at its back.")
                    .caution("lacking", "The motherboard has no %s at its back.")
                    .each(BriefChecks::rearPorts),
            advises("radio-asked", "Where Wi-Fi is asked for, the motherboard or a card brings it")
                    .seeing(RADIO, WIFI)
                    .requiring(Requirement.WIFI)
                    .fits("board", "Wi-Fi is asked for; it is on the motherboard.")
                    .fits("card", "Wi-Fi is asked for; %s brings it.")
                    .caution("none", "Wi-Fi is asked for; neither the motherboard nor a card brings it.")
                    .by(BriefChecks::radio));

    private static final Set<String> COLOUR_WORDS = Set.of(
            "black", "white", "silver", "grey", "gray", "red", "blue", "green", "pink", "brown", "yellow", "purple",
            "gold", "orange");

    private BriefChecks() {}

    private static Map<View, Input<String>> colours() {
        var seen = new LinkedHashMap<View, Input<String>>();
        seen.put(CASE, CASE_COLOUR);
        seen.put(View.of(Slot.MOTHERBOARD, BOARD_COLOUR), BOARD_COLOUR);
        seen.put(View.of(Slot.MEMORY, MEMORY_COLOUR), MEMORY_COLOUR);
        seen.put(View.of(Slot.GRAPHICS_CARD, CARD_COLOUR), CARD_COLOUR);
        seen.put(View.of(Slot.COOLER, COOLER_COLOUR), COOLER_COLOUR);
        seen.put(View.of(Slot.CASE_FANS, FAN_COLOUR), FAN_COLOUR);
        seen.put(View.of(Slot.CABLES, CABLES_COLOUR), CABLES_COLOUR);
        seen.put(View.of(Slot.POWER_SUPPLY, PSU_CABLE_COLOUR), PSU_CABLE_COLOUR);
        return seen;
    }

    /** What of a part shows which version it is: its colour, and the form factor where it comes in several. */
    private static Map<View, List<Input<String>>> meantVersions() {
        var figures = new EnumMap<Slot, List<Input<String>>>(Slot.class);
        COLOURS.forEach((view, colour) -> figures.put(view.slots().iterator().next(), List.of(colour)));
        figures.put(Slot.MOTHERBOARD, List.of(BOARD_COLOUR, BOARD_FORMAT));
        figures.put(Slot.POWER_SUPPLY, List.of(PSU_FORMAT));
        var views = new LinkedHashMap<View, List<Input<String>>>();
        for (var slot : Slot.values()) {
            var of = figures.getOrDefault(slot, List.of());
            views.put(View.of(slot, MEANT, NAME).and(of.toArray(Input<?>[]::new)), of);
        }
        return views;
    }

    private static Map<View, Input<Integer>> noises() {
        var heard = new LinkedHashMap<View, Input<Integer>>();
        heard.put(View.of(Slot.GRAPHICS_CARD, CARD_NOISE), CARD_NOISE);
        heard.put(View.of(Slot.COOLER, COOLER_NOISE), COOLER_NOISE);
        heard.put(View.of(Slot.POWER_SUPPLY, PSU_NOISE), PSU_NOISE);
        heard.put(View.of(Slot.CASE_FANS, FAN_NOISE), FAN_NOISE);
        return heard;
    }

    /** A case without a window shows only itself. */
    private static void meant(Inputs in, FindingCollector tell) {
        MEANT_VERSIONS.forEach((view, figures) -> in.each(view, line -> {
            var meant = line.or(MEANT, "");
            var name = line.or(NAME, "");
            if (!meant.isEmpty() && !name.isEmpty()) {
                var looks = new ArrayList<String>();
                figures.forEach(f -> line.figure(f).value().ifPresent(looks::add));
                var missing = figures.stream()
                        .map(line::get)
                        .filter(Seen.Asked::isMissing)
                        .findFirst();
                if (tells(name, looks, meant)) {
                    tell.about(line).say("as-meant", line, meant);
                } else if (missing.isPresent()) {
                    tell.about(line).missing(missing.get());
                } else {
                    tell.about(line).say("another", line, meant);
                }
            }
        }));
    }

    /**
     * Whether figures or name have every word of a version, in whichever order. A colour that the figures know is theirs: a
     * white name does not make a black part white.
     */
    private static boolean tells(String name, List<String> looks, String version) {
        var ofFigures = looks.stream().flatMap(l -> Stream.of(words(l))).toList();
        var ofName = new ArrayList<>(List.of(words(name)));
        if (ofFigures.stream().anyMatch(COLOUR_WORDS::contains)) {
            ofName.removeAll(COLOUR_WORDS);
        }
        ofName.addAll(ofFigures);
        return ofName.containsAll(List.of(words(version)));
    }

    private static String[] words(String text) {
        return text.toLowerCase(Locale.ROOT).strip().split("[^\\p{L}\\p{N}]+");
    }

    private static void theme(Inputs in, FindingCollector tell) {
        var theme = in.required(Requirement.THEME);
        if (theme.isEmpty()) {
            return;
        }
        var isClosed = in.lines(CASE).stream().anyMatch(c -> !c.or(CASE_WINDOW, true));
        COLOURS.forEach((view, figure) -> {
            if (isClosed && view != CASE) {
                return;
            }
            in.each(view, line -> {
                var about = tell.about(line);
                about.with(line.get(figure), colour -> {
                    if (theme.contains(colour)) {
                        about.say("of-theme", line, colour);
                    } else {
                        about.say("other", line, colour, theme);
                    }
                });
            });
        });
    }

    private static void noise(Inputs in, int most, FindingCollector tell) {
        NOISES.forEach((view, figure) -> {
            in.each(view, line -> {
                var about = tell.about(line);
                about.with(line.get(figure), dB -> about.say(dB <= most ? "quiet" : "loud", line, dB, most));
            });
        });
    }

    private static void rearPorts(Seen board, Inputs in, FindingCollector.About tell) {
        var asked = in.required(Requirement.REAR_PORTS);
        if (asked.isEmpty()) {
            return;
        }
        tell.with(board.get(BOARD_REAR_PORTS), ports -> {
            var lacking = new TreeSet<>(asked);
            lacking.removeAll(ports);
            if (lacking.isEmpty()) {
                tell.say("all", asked);
            } else {
                tell.say("lacking", lacking);
            }
        });
    }

    private static void radio(Inputs in, FindingCollector tell) {
        if (!in.required(Requirement.WIFI)) {
            return;
        }
        var card = in.lines(WIFI).stream()
                .filter(w -> w.or(SOURCE, Source.NONE).isBought() || w.or(SOURCE, Source.NONE) == Source.OWNED)
                .findFirst();
        for (var board : in.lines(RADIO)) {
            var about = tell.about(in.lines(WIFI), board);
            if (card.isPresent()) {
                about.say("card", card.get());
            } else {
                about.with(board.get(BOARD_RADIO), has -> about.say(has ? "board" : "none"));
            }
        }
    }
}
