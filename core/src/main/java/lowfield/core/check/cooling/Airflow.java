package lowfield.core.check.cooling;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_BOARD_POWER;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_LIMIT;
import static lowfield.core.check.figures.FanFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.power.PowerLoad;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;

/** Whether fans have places, and air moves through the case. */
public final class Airflow {
    /** A build that draws this much needs a fan in its case, in watts. */
    private static final int NEEDS_FAN = 150;

    private static final View ADDED = View.of(Slot.CASE_FANS, FAN_COUNT, FAN_SIZE, SOURCE, QUANTITY, PLACE);
    private static final View BLOWING = View.of(Slot.CASE_FANS, FAN_COUNT, SOURCE, QUANTITY, PLACE);
    private static final View PLACES = View.of(Slot.CASE, CASE_FANS, CASE_FAN_PLACES, CASE_FAN_SIZES);
    private static final View AIR = View.of(Slot.CASE, CASE_FANS, CASE_FANS_IN, CASE_FANS_OUT, CASE_VENTED);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_BOARD_POWER);
    private static final View CPU = View.of(Slot.PROCESSOR, CPU_LIMIT);

    public static final List<Check> ALL = List.of(
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
                    .by(Airflow::places),
            advises("air", "Air is blown into the case and out of it")
                    .seeing(BLOWING, AIR, CARD, CPU)
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("moves", "%s fans blow in, %s out.")
                    .fits("placed", "%s fans blow in, %s out, with the added fans where air is missing.")
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
                    .by(Airflow::air));

    private Airflow() {}

    /** The count of the first pack that is bought and of which nobody says how many fans it holds. */
    static Optional<Seen.Asked<?>> uncounted(List<Seen> packs) {
        return packs.stream()
                .filter(p -> p.or(SOURCE, Source.NONE).isBought())
                .<Seen.Asked<?>>map(p -> p.get(FAN_COUNT))
                .filter(Seen.Asked::isMissing)
                .findFirst();
    }

    /** A pack holds one fan at least. */
    static int added(List<Seen> packs) {
        var fans = 0;
        for (var pack : packs) {
            fans += pack.or(SOURCE, Source.NONE).isBought() ? pack.or(FAN_COUNT, 1) * pack.or(QUANTITY, 1) : 0;
        }
        return fans;
    }

    private static void places(Inputs in, FindingCollector tell) {
        var packs = in.lines(ADDED);
        var radiator = in.derived(RadiatorPosition.OF_BUILD);
        for (var box : in.lines(PLACES)) {
            for (var fans : packs) {
                if (!fans.or(SOURCE, Source.NONE).isBought()) {
                    continue;
                }
                var about = tell.about(fans, box);
                var place = fans.figure(PLACE).value();
                if (place.isPresent() && radiator.isAt(place.get())) {
                    about.sayOn(radiator.thickness(), "radiator", place.get());
                    continue;
                }
                if (place.isPresent() && radiator.mayBeAt(place.get())) {
                    radiator.doubt().ifPresent(about::missing);
                    continue;
                }
                about.with(
                        box.get(CASE_FANS),
                        box.get(CASE_FAN_PLACES),
                        (included, places) ->
                                place(fans, packs, box, included, places, radiator.restsOnUsualValue(), about));
            }
        }
    }

    private static void place(
            Seen fans,
            List<Seen> packs,
            Seen box,
            int included,
            int places,
            boolean onUsualValue,
            FindingCollector.About tell) {
        var added = added(packs);
        var uncounted = uncounted(packs);
        if (included + added > places) {
            tell.say("too-many", included, added, places);
            return;
        }
        if (uncounted.isPresent()) {
            tell.missing(uncounted.get());
            return;
        }
        tell.with(
                fans.get(FAN_SIZE),
                box.get(CASE_FAN_SIZES),
                (size, sizes) ->
                        tell.sayOn(onUsualValue, sizes.contains(size.toString()) ? "place" : "size", size, sizes));
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
        var missing = Stream.concat(
                        in.lines(CPU).stream().map(c -> c.get(CPU_LIMIT)),
                        in.lines(CARD).stream().map(c -> c.get(CARD_BOARD_POWER)))
                .filter(Seen.Asked::isMissing)
                .findFirst();
        if (watts <= NEEDS_FAN && missing.isPresent()) {
            tell.missing(missing.get());
        } else {
            tell.say(watts > NEEDS_FAN ? "none" : "little-heat", watts);
        }
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
        if (uncounted(packs).isPresent() && (in.or(0) == 0 || out.or(0) == 0)) {
            tell.missing(uncounted(packs).get());
            return;
        }
        if (!in.isKnown() || !out.isKnown()) {
            tell.missing(box.get(in.isKnown() ? CASE_FANS_OUT : CASE_FANS_IN));
            return;
        }
        var inward = in.or(0);
        var outward = out.or(0);
        if (inward > 0 && outward > 0 && either == 0) {
            tell.say("moves", inward, outward);
            return;
        }
        if (either > 0) {
            var out1 = outward == 0 && (inward > 0 || either > 1) ? 1 : 0;
            placed(box, inward + either - out1, outward + out1, tell);
            return;
        }
        oneWay(box, inward, outward, tell);
    }

    /** Fans without a place go where they are needed: one out where none blows out, the rest in. */
    private static void placed(Seen box, int inward, int outward, FindingCollector.About tell) {
        if (inward > 0 && outward > 0) {
            tell.say("placed", inward, outward);
        } else {
            oneWay(box, inward, outward, tell);
        }
    }

    private static void oneWay(Seen box, int inward, int outward, FindingCollector.About tell) {
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
