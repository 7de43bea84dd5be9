package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_BOARD_POWER;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR;
import static lowfield.core.check.figures.FanFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.part.Figure;

/** Case fans: their places, their headers and the air they move. */
final class FanChecks {
    /** A build that draws this much needs a fan in its case, in watts. */
    private static final int NEEDS_FAN = 150;

    private static final View ADDED = View.of(Slot.CASE_FANS, FAN_COUNT, FAN_SIZE, SOURCE, QUANTITY, PLACE);
    private static final View BLOWING = View.of(Slot.CASE_FANS, FAN_COUNT, SOURCE, QUANTITY, PLACE);
    private static final View PLUGGED = View.of(Slot.CASE_FANS, FAN_COUNT, FAN_CURRENT, FAN_HUB, SOURCE, QUANTITY);
    private static final View PINS = View.of(Slot.CASE_FANS, FAN_PINS);
    private static final View CONTROL = View.of(Slot.MOTHERBOARD, BOARD_FAN_VOLTAGE_CONTROL);
    private static final View INCLUDED = View.of(Slot.CASE, CASE_FANS, CASE_FAN_HUB);
    private static final View PLACES = View.of(Slot.CASE, CASE_FANS, CASE_FAN_PLACES, CASE_FAN_SIZES);
    private static final View AIR = View.of(Slot.CASE, CASE_FANS, CASE_FANS_IN, CASE_FANS_OUT, CASE_VENTED);
    private static final View HEADERS = View.of(Slot.MOTHERBOARD, BOARD_FAN_HEADERS, BOARD_HEADER_CURRENT);
    private static final View PUMP = View.of(Slot.COOLER, COOLER_RADIATOR);
    private static final View PUMP_HEADERS = View.of(Slot.MOTHERBOARD, BOARD_PUMP_HEADERS);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_BOARD_POWER);

    static final List<Check> ALL = List.of(
            advises("fan-headers", "Every case fan has a header or a hub")
                    .seeing(PLUGGED, INCLUDED, HEADERS)
                    .fits("each", "%s case fans; the motherboard has %s headers for them.")
                    .fits("hub", "%s case fans; a hub takes %s and the motherboard has %s headers.")
                    .note(
                            "splitters",
                            "%s case fans on %s headers: splitters are needed, up to %s mA on one header.",
                            "You need splitters: %s case fans go on %s headers.")
                    .caution(
                            "overloaded",
                            "%s case fans on %s headers: %s mA on one header, which gives %s mA. Add a hub.",
                            "Add a fan hub; the motherboard's headers do not carry this many fans.")
                    .by(FanChecks::headers),
            advises("fan-control", "The motherboard controls 3-pin fans")
                    .seeing(PINS, CONTROL)
                    .fits("controlled", "The motherboard controls the fans' speed.")
                    .note(
                            "full-speed",
                            "The fans have 3-pin plugs and the motherboard does not control their voltage: they run at full speed.",
                            "The 3-pin fans run at full speed on this motherboard.")
                    .eachPair((fans, board, in, tell) -> fans.figure(FAN_PINS)
                            .value()
                            .ifPresent(pins -> {
                                if (pins != 3) {
                                    tell.say("controlled");
                                } else {
                                    tell.with(
                                            board.get(BOARD_FAN_VOLTAGE_CONTROL),
                                            does -> tell.say(does ? "controlled" : "full-speed"));
                                }
                            })),
            advises("pump-header", "The pump of a liquid cooler has a header")
                    .seeing(PUMP, PUMP_HEADERS)
                    .fits("there", "The motherboard has a header for the pump.")
                    .note(
                            "fan-header",
                            "The motherboard has no pump header; a fan header at full speed does.",
                            "Set the fan header of the pump to full speed.")
                    .eachPair((cooler, board, in, tell) -> {
                        if (cooler.figure(COOLER_RADIATOR).isKnown()) {
                            board.figure(BOARD_PUMP_HEADERS)
                                    .value()
                                    .ifPresent(n -> tell.say(n > 0 ? "there" : "fan-header"));
                        }
                    }),
            advises("fan-places", "Every added fan has a place of its size that no radiator takes")
                    .seeing(ADDED, PLACES)
                    .deriving(RadiatorPosition.OF_BUILD)
                    .fits("place", "%s mm fans; the case takes %s mm.")
                    .caution(
                            "too-many",
                            "The case comes with %s fans and %s are added; it has %s places.",
                            "The case has no place for all of these fans.")
                    .caution("size", "%s mm fans; the case takes %s mm.", "The fans do not fit the case's places.")
                    .caution("radiator", "The fans are meant for the %s, where the radiator sits.")
                    .by(FanChecks::places),
            advises("air", "Air is blown into the case and out of it")
                    .seeing(BLOWING, AIR, CARD)
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("moves", "%s fans blow in, %s out.")
                    .fits("little-heat", "No fan in the case; %s W need none.")
                    .note("intake-only", "%s fans blow in and none out; the vented case lets the air go.")
                    .caution(
                            "none",
                            "No fan is in the case and none is added, for parts that draw %s W.",
                            "Add a case fan; the parts get hot without one.")
                    .caution(
                            "one-way",
                            "No fan moves air the other way in a closed case: %s blow in, %s out.",
                            "Turn one of the case fans round, so that air is blown in and out.")
                    .by(FanChecks::air));

    private FanChecks() {}

    private static int added(List<Seen> packs) {
        var fans = 0;
        for (var pack : packs) {
            fans += pack.or(SOURCE, Source.NONE).isBought() ? pack.or(FAN_COUNT, 1) * pack.or(QUANTITY, 1) : 0;
        }
        return fans;
    }

    private static void headers(Inputs in, FindingCollector tell) {
        var packs = in.lines(PLUGGED);
        for (var box : in.lines(INCLUDED)) {
            for (var board : in.lines(HEADERS)) {
                var about = tell.about(packs, box, board);
                about.with(
                        box.get(CASE_FANS),
                        board.get(BOARD_FAN_HEADERS),
                        (included, headers) -> headers(packs, included + added(packs), headers, box, board, in, about));
            }
        }
    }

    private static void headers(
            List<Seen> packs, int fans, int headers, Seen box, Seen board, Inputs in, FindingCollector.About tell) {
        var hub = box.or(CASE_FAN_HUB, 0)
                + packs.stream().mapToInt(p -> p.or(FAN_HUB, 0)).sum();
        var left = Math.max(0, fans - hub);
        if (left <= headers) {
            if (hub > 0) {
                tell.say("hub", fans, Math.min(hub, fans), headers);
            } else {
                tell.say("each", fans, headers);
            }
            return;
        }
        if (headers == 0) {
            tell.say("overloaded", fans, headers, 0, 0);
            return;
        }
        var one = Span.ZERO;
        for (var pack : packs) {
            var current = in.orUsual(pack, FAN_CURRENT, UsualValue.FAN_CURRENT);
            one = current.high() > one.high() ? current : one;
        }
        one = one.equals(Span.ZERO) ? in.usual(UsualValue.FAN_CURRENT) : one;
        var onOne = one.times((left + headers - 1) / headers);
        var gives = in.orUsual(board, BOARD_HEADER_CURRENT, UsualValue.HEADER_CURRENT);
        switch (onOne.in(gives)) {
            case FITS -> tell.sayOn(onOne, "splitters", fans, headers, onOne);
            case EXCEEDS -> tell.sayOn(onOne, "overloaded", fans, headers, onOne, gives);
            default -> tell.missing(board.get(BOARD_HEADER_CURRENT));
        }
    }

    private static void places(Inputs in, FindingCollector tell) {
        var packs = in.lines(ADDED);
        var radiator = in.derived(RadiatorPosition.OF_BUILD).place();
        for (var box : in.lines(PLACES)) {
            for (var fans : packs) {
                if (!fans.or(SOURCE, Source.NONE).isBought()) {
                    continue;
                }
                var about = tell.about(fans, box);
                var place = fans.figure(PLACE).value();
                if (place.isPresent()
                        && radiator.filter(r -> r.place().or("").equals(place.get()))
                                .isPresent()) {
                    about.say("radiator", place.get());
                    continue;
                }
                about.with(
                        box.get(CASE_FANS),
                        box.get(CASE_FAN_PLACES),
                        (included, places) -> place(fans, box, included, added(packs), places, about));
            }
        }
    }

    private static void place(Seen fans, Seen box, int included, int added, int places, FindingCollector.About tell) {
        if (included + added > places) {
            tell.say("too-many", included, added, places);
            return;
        }
        tell.with(
                fans.get(FAN_SIZE),
                box.get(CASE_FAN_SIZES),
                (size, sizes) -> tell.say(sizes.contains(size.toString()) ? "place" : "size", size, sizes));
    }

    /** Added fans blow in at the front, bottom and side and out at the rear and top; without a place they can be either. */
    private static void air(Inputs in, FindingCollector tell) {
        var packs = in.lines(BLOWING);
        for (var box : in.lines(AIR)) {
            var about = tell.about(packs, box);
            about.with(box.get(CASE_FANS), included -> {
                var added = added(packs);
                if (included + added == 0) {
                    still(in, about);
                    return;
                }
                moving(box, packs, included, about);
            });
        }
    }

    private static void still(Inputs in, FindingCollector.About tell) {
        var watts = in.derived(PowerLoad.CPU_WATTS).or(0)
                + in.lines(CARD).stream()
                        .mapToInt(c -> c.or(CARD_BOARD_POWER, 0))
                        .sum();
        tell.say(watts > NEEDS_FAN ? "none" : "little-heat", watts);
    }

    private static void moving(Seen box, List<Seen> packs, int included, FindingCollector.About tell) {
        var in = included == 0 ? Figure.of(0) : box.figure(CASE_FANS_IN);
        var out = included == 0 ? Figure.of(0) : box.figure(CASE_FANS_OUT);
        var either = 0;
        for (var pack : packs) {
            var fans = added(List.of(pack));
            var place = pack.figure(PLACE).or("");
            switch (place) {
                case "front", "bottom", "side" -> in = in.map(n -> n + fans);
                case "rear", "top" -> out = out.map(n -> n + fans);
                default -> either += fans;
            }
        }
        if (!in.isKnown() || !out.isKnown()) {
            tell.missing(box.get(in.isKnown() ? CASE_FANS_OUT : CASE_FANS_IN));
            return;
        }
        var inward = in.or(0);
        var outward = out.or(0);
        if (either > 0 || inward > 0 && outward > 0) {
            tell.say("moves", inward, outward);
            return;
        }
        tell.with(box.get(CASE_VENTED), vented -> {
            if (!vented) {
                tell.say("one-way", inward, outward);
            } else if (outward == 0) {
                tell.say("intake-only", inward);
            } else {
                tell.say("moves", inward, outward);
            }
        });
    }
}
