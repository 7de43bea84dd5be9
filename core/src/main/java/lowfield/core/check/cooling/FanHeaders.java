package lowfield.core.check.cooling;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR;
import static lowfield.core.check.figures.FanFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/** Whether fans and pump have headers that drive them. */
public final class FanHeaders {
    private static final View PLUGGED = View.of(Slot.CASE_FANS, FAN_COUNT, FAN_CURRENT, FAN_HUB, SOURCE, QUANTITY);
    private static final View PINS = View.of(Slot.CASE_FANS, FAN_PINS);
    private static final View CONTROL = View.of(Slot.MOTHERBOARD, BOARD_FAN_VOLTAGE_CONTROL);
    private static final View INCLUDED = View.of(Slot.CASE, CASE_FANS, CASE_FAN_HUB);
    private static final View HEADERS = View.of(Slot.MOTHERBOARD, BOARD_FAN_HEADERS, BOARD_HEADER_CURRENT);
    private static final View PUMP = View.of(Slot.COOLER, COOLER_RADIATOR);
    private static final View PUMP_HEADERS = View.of(Slot.MOTHERBOARD, BOARD_PUMP_HEADERS);

    public static final List<Check> ALL = List.of(
            advises("fan-headers", "Every case fan has a header or a hub")
                    .seeing(PLUGGED, INCLUDED, HEADERS)
                    .usually(UsualValue.FAN_CURRENT, UsualValue.HEADER_CURRENT)
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
                    .by(FanHeaders::headers),
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
                    }));

    private FanHeaders() {}

    private static void headers(Inputs in, FindingCollector tell) {
        var packs = in.lines(PLUGGED);
        for (var box : in.lines(INCLUDED)) {
            for (var board : in.lines(HEADERS)) {
                var about = tell.about(packs, box, board);
                about.with(
                        box.get(CASE_FANS),
                        board.get(BOARD_FAN_HEADERS),
                        (included, headers) ->
                                headers(packs, included + Airflow.added(packs), headers, box, board, in, about));
            }
        }
    }

    private static void headers(
            List<Seen> packs, int fans, int headers, Seen box, Seen board, Inputs in, FindingCollector.About tell) {
        var hub = box.or(CASE_FAN_HUB, 0)
                + packs.stream().mapToInt(p -> p.or(FAN_HUB, 0)).sum();
        var left = Math.max(0, fans - hub);
        var uncounted = Airflow.uncounted(packs);
        if (uncounted.isPresent()) {
            tell.missing(uncounted.get());
            return;
        }
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
}
