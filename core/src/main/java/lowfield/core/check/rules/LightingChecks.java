package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_LIGHTING_PLUG;
import static lowfield.core.check.figures.CaseFigures.CASE_LIGHTING_CONTROLLER;
import static lowfield.core.check.figures.CaseFigures.CASE_LIGHTING_PLUG;
import static lowfield.core.check.figures.CoolerFigures.COOLER_LIGHTING_PLUG;
import static lowfield.core.check.figures.FanFigures.FAN_LIGHTING_PLUG;
import static lowfield.core.check.figures.LightingFigures.LIGHTING_CONTROLLER;
import static lowfield.core.check.figures.LightingFigures.LIGHTING_LIGHTING_PLUG;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_LIT;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_LIGHTING_HEADERS;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Input;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;

/** RGB lighting: plugged where its voltage is, and lit as the tier wants it. */
final class LightingChecks {
    private static final View STRIPS = View.of(Slot.LIGHTING, LIGHTING_LIGHTING_PLUG, LIGHTING_CONTROLLER, SOURCE);
    private static final View FANS = View.of(Slot.CASE_FANS, FAN_LIGHTING_PLUG, SOURCE);
    private static final View COOLER = View.of(Slot.COOLER, COOLER_LIGHTING_PLUG, SOURCE);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_LIGHTING_PLUG, SOURCE);
    private static final View CASE = View.of(Slot.CASE, CASE_LIGHTING_PLUG, CASE_LIGHTING_CONTROLLER, SOURCE);
    private static final View LIT_STRIPS = View.of(Slot.LIGHTING, SOURCE);
    private static final View LIT_CASE = View.of(Slot.CASE, CASE_LIGHTING_PLUG, SOURCE);
    private static final View MEMORY = View.of(Slot.MEMORY, MEMORY_LIT, SOURCE);
    private static final View HEADERS = View.of(Slot.MOTHERBOARD, BOARD_LIGHTING_HEADERS);

    /** Where each kind of part says with which plug it is lit. */
    private static final Map<View, Input<String>> PLUGS = plugs(CASE);

    private static final Map<View, Input<String>> LIT = plugs(LIT_CASE);

    static final List<Check> ALL = List.of(
            decides("lighting-plugs", "RGB lighting is plugged into a header of its voltage")
                    .seeing(STRIPS, FANS, COOLER, CARD, CASE, HEADERS)
                    .requiring(Requirement.LIGHTING)
                    .fits("header", "The RGB lighting takes %s. The motherboard has %s.")
                    .fits("controller", "The RGB lighting takes %s. A controller has it.")
                    .caution(
                            "no-header",
                            "The RGB lighting takes %s. The motherboard has no such header; it stays dark.",
                            "The lighting stays dark: the motherboard has no header for it.")
                    .caution(
                            "voltage",
                            "The RGB lighting takes %s. The motherboard has only %s: leave it unplugged, the wrong voltage destroys it.",
                            "Never adapt RGB lighting to a header of another voltage; leave it unplugged.")
                    .clash(
                            "voltage-wanted",
                            "RGB lighting is wanted and takes %s. The motherboard has only %s, and the wrong voltage destroys it.")
                    .by(LightingChecks::plugged),
            advises("lighting", "Parts have RGB lighting as the tier wants it")
                    .seeing(LIT_STRIPS, FANS, COOLER, CARD, LIT_CASE, MEMORY)
                    .requiring(Requirement.LIGHTING)
                    .fits("known", "%s parts have RGB lighting, %s have none.")
                    .caution("unwanted", "%s has RGB lighting, and none is wanted.")
                    .caution("none-lit", "RGB lighting is wanted, and no part has any.")
                    .by(LightingChecks::lit));

    private LightingChecks() {}

    private static Map<View, Input<String>> plugs(View ofCase) {
        var plugs = new LinkedHashMap<View, Input<String>>();
        plugs.put(FANS, FAN_LIGHTING_PLUG);
        plugs.put(COOLER, COOLER_LIGHTING_PLUG);
        plugs.put(CARD, CARD_LIGHTING_PLUG);
        plugs.put(ofCase, CASE_LIGHTING_PLUG);
        return plugs;
    }

    private static void plugged(Inputs in, FindingCollector tell) {
        var ofCase = in.lines(CASE).stream().anyMatch(c -> c.or(CASE_LIGHTING_CONTROLLER, false));
        for (var board : in.lines(HEADERS)) {
            for (var strip : in.lines(STRIPS)) {
                if (strip.get(LIGHTING_LIGHTING_PLUG).isMissing()) {
                    tell.about(strip, board).missing(strip.get(LIGHTING_LIGHTING_PLUG));
                }
                plug(strip, LIGHTING_LIGHTING_PLUG, ofCase || strip.or(LIGHTING_CONTROLLER, false), board, in, tell);
            }
            PLUGS.forEach((view, plug) -> in.lines(view).forEach(line -> plug(line, plug, ofCase, board, in, tell)));
        }
    }

    private static void plug(
            Seen line, Input<String> plug, boolean controlled, Seen board, Inputs in, FindingCollector tell) {
        line.figure(plug)
                .value()
                .filter(own -> !own.isEmpty())
                .ifPresent(own -> header(own, controlled, board, in, tell.about(line, board)));
    }

    /** The two plugs are keyed and do not mate; 12 V on a 5 V strip destroys it. */
    private static void header(String plug, boolean controlled, Seen board, Inputs in, FindingCollector.About tell) {
        if (controlled) {
            tell.say("controller", plug);
            return;
        }
        tell.with(board.get(BOARD_LIGHTING_HEADERS), headers -> {
            if (headers.contains(plug)) {
                tell.say("header", plug, headers);
            } else if (headers.isEmpty()) {
                tell.say("no-header", plug);
            } else {
                var wanted = in.required(Requirement.LIGHTING) == Wishes.Lit.WANTED;
                tell.say(wanted ? "voltage-wanted" : "voltage", plug, headers);
            }
        });
    }

    private static void lit(Inputs in, FindingCollector tell) {
        var lit = new ArrayList<Seen>();
        var dark = new ArrayList<Seen>();
        in.lines(LIT_STRIPS).stream()
                .filter(s -> s.or(SOURCE, Source.NONE) == Source.PART)
                .forEach(lit::add);
        LIT.forEach((view, plug) -> in.lines(view).forEach(line -> {
            if (line.or(SOURCE, Source.NONE) != Source.PART) {
                return;
            }
            if (line.get(plug).isMissing()) {
                tell.about(line).missing(line.get(plug));
            } else {
                (line.or(plug, "").isEmpty() ? dark : lit).add(line);
            }
        }));
        for (var memory : in.lines(MEMORY)) {
            if (memory.or(SOURCE, Source.NONE) == Source.PART) {
                if (memory.get(MEMORY_LIT).isMissing()) {
                    tell.about(memory).missing(memory.get(MEMORY_LIT));
                } else {
                    (memory.or(MEMORY_LIT, false) ? lit : dark).add(memory);
                }
            }
        }
        judge(in.required(Requirement.LIGHTING), lit, dark, tell);
    }

    private static void judge(Wishes.Lit wish, List<Seen> lit, List<Seen> dark, FindingCollector tell) {
        if (wish == Wishes.Lit.UNWANTED && !lit.isEmpty()) {
            lit.forEach(line -> tell.about(line).say("unwanted", line));
        } else if (wish == Wishes.Lit.WANTED && lit.isEmpty()) {
            tell.about(dark).say("none-lit");
        } else if (!dark.isEmpty() || !lit.isEmpty()) {
            tell.about(lit.isEmpty() ? dark : lit).say("known", lit.size(), dark.size());
        }
    }
}
