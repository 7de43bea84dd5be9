package lowfield.core.check.card;

import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_LENGTH;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.FanFigures.FAN_THICKNESS;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.Derived;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Rooms;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.cooling.RadiatorPosition;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/**
 * Whether the graphics card goes between the rear panel and what stands at the front. A case states one length, and with
 * what it was measured: bare, with front fans, or with a front radiator; what stands there beside that is taken off. A
 * length of unknown basis can be any of them.
 */
public final class CardLength {
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_LENGTH, PLACE);
    private static final View CASE = View.of(
            Slot.CASE,
            CASE_CARD_LENGTH,
            CASE_CARD_LENGTH_BASIS,
            CASE_CARD_LENGTH_WITH_RADIATOR,
            CASE_FANS,
            CASE_FANS_IN);
    private static final View FANS = View.of(Slot.CASE_FANS, FAN_THICKNESS, PLACE, SOURCE);

    public static final Check CHECK = decides(
                    "card-length",
                    "The graphics card is no longer than the case takes, with what stands in front of it")
            .seeing(CARD, CASE, FANS)
            .deriving(RadiatorPosition.OF_BUILD)
            .usually(UsualValue.FAN_THICKNESS, UsualValue.RADIATOR_THICKNESS)
            .fits("room", "The graphics card is %s mm long; the case takes %s mm%s.")
            .note("tight", "The graphics card is %s mm long; the case takes %s mm%s. That is tight.")
            .caution(
                    "too-long-usual",
                    "The graphics card is %s mm long; the case takes %s mm%s, going by usual fans and radiators.",
                    "Measure before you order: the graphics card is %s mm long, and the case takes %s mm%s.")
            .clash("too-long", "The graphics card is %s mm long; the case takes only %s mm%s.")
            .eachPair(CardLength::length);

    /** What front fans take of the length, for whoever draws it; nothing without a case. */
    public static final Derived<Span> FRONT_FANS = Derived.of(
                    "front-fans",
                    "front fans",
                    List.of(CASE, FANS),
                    in -> in.first(CASE).map(box -> frontFans(box, in)).orElse(Span.ZERO))
            .usually(UsualValue.FAN_THICKNESS);

    private CardLength() {}

    private static void length(Seen card, Seen box, Inputs in, FindingCollector.About tell) {
        var radiator = in.derived(RadiatorPosition.OF_BUILD);
        tell.with(card.get(CARD_LENGTH), length -> {
            var behind = box.figure(CASE_CARD_LENGTH_WITH_RADIATOR);
            if (radiator.isInFront() && behind.isKnown()) {
                tell.with(
                        box.get(CASE_CARD_LENGTH_WITH_RADIATOR),
                        room -> say(length, resting(radiator, Span.exactly(room)), " behind the front radiator", tell));
                return;
            }
            if (radiator.mayBeInFront()
                    && behind.value().filter(room -> length > room).isPresent()) {
                radiator.doubt().ifPresent(tell::missing);
                return;
            }
            tell.with(box.get(CASE_CARD_LENGTH), stated -> measured(length, stated, box, radiator, in, tell));
        });
    }

    private static void measured(
            int length, int stated, Seen box, RadiatorPosition radiator, Inputs in, FindingCollector.About tell) {
        var whole = Span.exactly(stated);
        switch (box.figure(CASE_CARD_LENGTH_BASIS).or("not stated")) {
            case "bare" -> bare(length, stated, box, radiator, in, tell);
            case "with front fans" ->
                judge(
                        length,
                        whole.minus(aloneTakes(radiator, in)),
                        absentFans(box, radiator, in),
                        " with front fans",
                        box,
                        radiator,
                        tell);
            case "with front radiator" ->
                judge(length, whole, absentRadiator(box, radiator, in), " with a front radiator", box, radiator, tell);
            default -> {
                var least = whole.minus(bareTakes(box, radiator, in)).low();
                var most = whole.plus(absentRadiator(box, radiator, in));
                if (length <= least) {
                    say(length, Span.exactly(least), ", whatever it was measured with", tell);
                } else if (length > most.high()) {
                    say(length, most, ", whatever it was measured with", tell);
                } else {
                    tell.missing(box.get(CASE_CARD_LENGTH_BASIS));
                }
            }
        }
    }

    /** Nothing makes more room than there is in an empty case. */
    private static void bare(
            int length, int stated, Seen box, RadiatorPosition radiator, Inputs in, FindingCollector.About tell) {
        if (length > stated) {
            tell.say("too-long", length, stated, " without front fans");
        } else {
            var room = Span.exactly(stated).minus(bareTakes(box, radiator, in));
            judge(length, room, Span.ZERO, " with what stands at the front", box, radiator, tell);
        }
    }

    /** What a front radiator takes of a length that was measured with front fans. */
    private static Span aloneTakes(RadiatorPosition radiator, Inputs in) {
        if (!radiator.mayBeInFront()) {
            return Span.ZERO;
        }
        var alone = radiator.thickness().minus(in.usual(UsualValue.FAN_THICKNESS));
        return radiator.isInFront() ? alone : alone.orLess();
    }

    /** What a case measured with front fans has more of where none are, or perhaps none. */
    private static Span absentFans(Seen box, RadiatorPosition radiator, Inputs in) {
        var fans = frontFans(box, in);
        if (radiator.isInFront() || fans.low() > 0) {
            return Span.ZERO;
        }
        return fans.high() > 0 || radiator.mayBeInFront()
                ? in.usual(UsualValue.FAN_THICKNESS).orLess()
                : in.usual(UsualValue.FAN_THICKNESS);
    }

    /** What a case measured with a front radiator has more of where none is: the radiator, and its fans where none are. */
    private static Span absentRadiator(Seen box, RadiatorPosition radiator, Inputs in) {
        if (radiator.isInFront()) {
            return Span.ZERO;
        }
        var more = in.usual(UsualValue.RADIATOR_THICKNESS).plus(absentFans(box, radiator, in));
        return radiator.mayBeInFront() ? more.orLess() : more;
    }

    /** What stands at the front of a case measured bare: a radiator with its fans, or fans. */
    private static Span bareTakes(Seen box, RadiatorPosition radiator, Inputs in) {
        var fans = frontFans(box, in);
        if (radiator.isInFront()) {
            return radiator.thickness();
        }
        return radiator.mayBeInFront()
                ? Span.between(fans.low(), fans.usual(), radiator.thickness().high())
                : fans;
    }

    /** What front fans take: those of the case that blow in and those that are added, where they may sit at the front. */
    private static Span frontFans(Seen box, Inputs in) {
        var ofCase = in.usual(UsualValue.FAN_THICKNESS);
        var inward = box.figure(CASE_FANS_IN);
        var none = box.figure(CASE_FANS).value().filter(n -> n == 0).isPresent()
                || inward.value().filter(n -> n == 0).isPresent();
        var takes = none ? Span.ZERO : inward.isKnown() ? ofCase : ofCase.orLess();
        for (var fans : in.lines(FANS)) {
            if (!fans.figure(SOURCE).map(s -> s.isBought()).or(false)) {
                continue;
            }
            var thick = in.orUsual(fans, FAN_THICKNESS, UsualValue.FAN_THICKNESS);
            var place = fans.figure(PLACE).value();
            if (place.filter(RadiatorPosition.FRONT::equals).isPresent()) {
                takes = thick;
            } else if (place.isEmpty() && takes.high() < thick.high()) {
                takes = new Span(takes.low(), Math.max(takes.usual(), 0), thick.high(), true);
            }
        }
        return takes;
    }

    /** Where the radiator is taken to be by a usual thickness, what is said of the room rests on it. */
    private static Span resting(RadiatorPosition radiator, Span room) {
        return radiator.restsOnUsualValue() ? Span.between(room.low(), room.usual(), room.high()) : room;
    }

    private static void judge(
            int length,
            Span stated,
            Span absent,
            String basis,
            Seen box,
            RadiatorPosition radiator,
            FindingCollector.About tell) {
        var room = length <= stated.low() || absent.equals(Span.ZERO) ? stated : stated.plus(absent);
        if (Span.exactly(length).in(room) != Span.Fit.CANNOT_BE_TOLD) {
            say(length, resting(radiator, room), room == stated ? basis : " with what stands at the front", tell);
        } else if (radiator.doubt().isPresent()) {
            tell.missing(radiator.doubt().get());
        } else if (room != stated && box.get(CASE_FANS_IN).isMissing()) {
            tell.missing(box.get(CASE_FANS_IN));
        } else {
            tell.missing(box.get(CASE_CARD_LENGTH_WITH_RADIATOR));
        }
    }

    private static void say(int length, Span room, String basis, FindingCollector.About tell) {
        if (length > room.high()) {
            tell.sayOn(room, room.onUsualValue() ? "too-long-usual" : "too-long", length, room, basis);
        } else {
            var isTight = room.low() - length < Rooms.TIGHT_LENGTH;
            tell.sayOn(room, isTight ? "tight" : "room", length, room, basis);
        }
    }
}
