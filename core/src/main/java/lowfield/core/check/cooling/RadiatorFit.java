package lowfield.core.check.cooling;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.figures.CaseFigures.CASE_DRIVE_CAGE;
import static lowfield.core.check.figures.CoolerFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.RadiatorPlace;

/** Whether the radiator has its place and nothing stands in its way. */
public final class RadiatorFit {
    private static final View RADIATOR = View.of(Slot.COOLER, COOLER_RADIATOR);
    private static final View PUMP = View.of(Slot.COOLER, COOLER_PUMP_BELOW_RADIATOR);
    private static final View CAGE = View.of(Slot.CASE, CASE_DRIVE_CAGE);
    private static final View EPS = View.of(Slot.MOTHERBOARD);

    public static final List<Check> ALL = List.of(
            decides("radiator", "The case has a place for the radiator")
                    .seeing(RADIATOR, CAGE)
                    .deriving(RadiatorPosition.OF_BUILD)
                    .fits("place", "The %s mm radiator goes at the %s.")
                    .note(
                            "cage-out",
                            "The %s mm radiator goes at the %s, where the drive cage must come out.",
                            "Take the drive cage out: the radiator goes there.")
                    .caution(
                            "usual",
                            "No place of the case takes a %s mm radiator of %s mm with its fans; that thickness is only usual.",
                            "Measure before you order: a %s mm radiator is usually too thick for this case.")
                    .clash("cage", "The %s mm radiator at the %s takes the room of the fixed drive cage.")
                    .clash("chosen-place", "The place chosen for the %s mm radiator, the %s, does not take it.")
                    .clash("none", "No place of the case takes a %s mm radiator of %s mm with its fans.")
                    .by(RadiatorFit::radiator),
            advises("radiator-place", "Nothing stands in the radiator's way, and its pump is not its highest point")
                    .seeing(PUMP, EPS)
                    .deriving(RadiatorPosition.OF_BUILD)
                    .caution(
                            "eps",
                            "The radiator at the %s stands over the EPS plugs; plug them in before it goes in.",
                            "Plug in the EPS cables before you mount the radiator.")
                    .caution(
                            "pump",
                            "The pump would be the highest point of the loop; air collects in it.",
                            "Mount the radiator so that its top is above the pump.")
                    .by(RadiatorFit::radiatorPlace));

    private RadiatorFit() {}

    private static void radiator(Inputs in, FindingCollector tell) {
        var position = in.derived(RadiatorPosition.OF_BUILD);
        var cooler = in.lines(RADIATOR).stream()
                .filter(c -> c.figure(COOLER_RADIATOR).isKnown())
                .findFirst();
        var box = in.first(CAGE);
        in.lines(RADIATOR).stream()
                .filter(c -> c.get(COOLER_RADIATOR).isMissing())
                .forEach(c -> tell.about(c).missing(c.get(COOLER_RADIATOR)));
        if (cooler.isEmpty() || box.isEmpty()) {
            return;
        }
        var about = tell.about(cooler.get(), box.get());
        var size = cooler.get().or(COOLER_RADIATOR, 0);
        if (position.place().isPresent()) {
            at(position.place().get(), position, box.get(), size, about);
        } else if (position.missing().isPresent()) {
            about.missing(position.missing().get());
        } else if (position.byUsualThickness()) {
            about.sayOn(position.thickness(), "usual", size, position.thickness());
        } else if (position.refused().isPresent()) {
            about.say("chosen-place", size, position.refused().get());
        } else {
            about.say("none", size, position.thickness());
        }
    }

    private static void at(
            RadiatorPlace place, RadiatorPosition position, Seen box, int size, FindingCollector.About tell) {
        var where = place.place().or("place named nowhere");
        if (!place.takesCage().or(false)) {
            tell.sayOn(position.thickness(), "place", size, where);
        } else if (position.missing().isPresent()) {
            tell.missing(position.missing().get());
        } else {
            tell.with(
                    box.get(CASE_DRIVE_CAGE),
                    cage -> tell.sayOn(
                            position.thickness(),
                            switch (cage) {
                                case "fixed" -> "cage";
                                case "removable" -> "cage-out";
                                default -> "place";
                            },
                            size,
                            where));
        }
    }

    private static void radiatorPlace(Inputs in, FindingCollector tell) {
        var position = in.derived(RadiatorPosition.OF_BUILD);
        for (var cooler : in.lines(PUMP)) {
            position.doubt().ifPresent(missing -> tell.about(cooler).missing(missing));
            position.place().ifPresent(place -> {
                if (place.overEps().or(false)) {
                    in.first(EPS)
                            .ifPresent(board -> tell.about(cooler, board)
                                    .sayOn(
                                            position.thickness(),
                                            "eps",
                                            place.place().or("place")));
                }
                if (position.cooler().filter(cooler::isSameLine).isPresent()) {
                    var about = tell.about(cooler);
                    about.with(cooler.get(COOLER_PUMP_BELOW_RADIATOR), isBelow -> {
                        if (!isBelow) {
                            about.sayOn(position.thickness(), "pump");
                        }
                    });
                }
            });
        }
    }
}
