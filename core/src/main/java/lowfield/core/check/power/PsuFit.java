package lowfield.core.check.power;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Rooms;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/** Whether the case takes the PSU: its length, its plugs, its form factor. */
public final class PsuFit {
    /** Form factors from the smallest; a smaller one goes into the bay of a larger one with a bracket. */
    private static final List<String> FORMATS = List.of("Flex ATX", "TFX", "SFX", "SFX-L", "ATX");

    private static final View LENGTH = View.of(Slot.POWER_SUPPLY, PSU_LENGTH, PSU_CABLES);
    private static final View BAY = View.of(Slot.CASE, CASE_SUPPLY_LENGTH, CASE_SUPPLY_LENGTH_WITH_CABLES);

    public static final List<Check> ALL = List.of(
            decides("supply-length", "The PSU is no longer than the case takes")
                    .seeing(View.of(Slot.POWER_SUPPLY, PSU_LENGTH), View.of(Slot.CASE, CASE_SUPPLY_LENGTH))
                    .fits("room", "The PSU is %s mm long; the case takes %s mm.")
                    .note("tight", "The PSU is %s mm long; the case takes %s mm. That is tight.")
                    .clash("too-long", "The PSU is %s mm long; the case takes only %s mm.")
                    .eachPair((psu, box, in, tell) -> tell.with(
                            psu.get(PSU_LENGTH),
                            box.get(CASE_SUPPLY_LENGTH),
                            (is, takes) -> tell.say(
                                    Rooms.of(is, takes, Rooms.TIGHT_LENGTH, "room", "tight", "too-long"), is, takes))),
            advises("supply-plug-room", "There is room for the plugs of a modular PSU")
                    .seeing(LENGTH, BAY)
                    .usually(UsualValue.PLUG_ROOM)
                    .fits("room", "The plugs of the modular PSU have room behind it.")
                    .caution(
                            "tight",
                            "The PSU is %s mm long and its plugs take %s mm; the case takes %s mm in all.",
                            "The modular PSU's plugs have little room in this case.")
                    .eachPair(PsuFit::plugRoom),
            decides("supply-format", "The case takes a PSU of this form factor")
                    .seeing(
                            View.of(Slot.POWER_SUPPLY, PSU_FORMAT),
                            View.of(Slot.CASE, CASE_SUPPLY_FORMATS, CASE_SUPPLY_BRACKET))
                    .fits("takes", "The PSU is %s; the case takes %s.")
                    .note("bracket", "The PSU is %s; the case takes it with the bracket in its box.")
                    .caution(
                            "no-bracket",
                            "The PSU is %s, smaller than the case's bay for %s, and no bracket is in the case's box.",
                            "Order a bracket that fits the smaller PSU into this case.")
                    .clash("too-large", "The PSU is %s; the case takes only %s.")
                    .eachPair(PsuFit::format));

    private PsuFit() {}

    private static void plugRoom(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        if (box.or(CASE_SUPPLY_LENGTH_WITH_CABLES, false)) {
            return;
        }
        tell.with(psu.get(PSU_CABLES), cables -> {
            if (cables.contains("modular")) {
                modular(psu, box, in, tell);
            }
        });
    }

    private static void modular(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(psu.get(PSU_LENGTH), box.get(CASE_SUPPLY_LENGTH), (length, takes) -> {
            var needs = in.usual(UsualValue.PLUG_ROOM).plus(length);
            var fit = needs.in(takes);
            if (length > takes) {
                return;
            }
            if (fit == Span.Fit.FITS) {
                tell.sayOn(needs, "room");
            } else if (fit == Span.Fit.EXCEEDS
                    && box.figure(CASE_SUPPLY_LENGTH_WITH_CABLES).isKnown()) {
                tell.sayOn(needs, "tight", length, in.usual(UsualValue.PLUG_ROOM), takes);
            } else {
                tell.missing(box.get(CASE_SUPPLY_LENGTH_WITH_CABLES));
            }
        });
    }

    private static void format(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(psu.get(PSU_FORMAT), box.get(CASE_SUPPLY_FORMATS), (is, takes) -> {
            if (takes.contains(is)) {
                tell.say("takes", is, takes);
            } else if (isSmaller(is, takes)) {
                tell.with(box.get(CASE_SUPPLY_BRACKET), inBox -> {
                    if (inBox) {
                        tell.say("bracket", is);
                    } else {
                        tell.say("no-bracket", is, takes);
                    }
                });
            } else {
                tell.say("too-large", is, takes);
            }
        });
    }

    private static boolean isSmaller(String format, Set<String> bays) {
        var size = FORMATS.indexOf(format);
        return size >= 0 && bays.stream().anyMatch(bay -> FORMATS.indexOf(bay) > size);
    }
}
