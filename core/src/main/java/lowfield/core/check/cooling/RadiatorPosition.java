package lowfield.core.check.cooling;

import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.figures.CaseFigures.CASE_RADIATORS;
import static lowfield.core.check.figures.CoolerFigures.COOLER_FAN_THICKNESS;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR_ALONE;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR_THICKNESS;
import static lowfield.core.check.figures.CoolerFigures.COOLER_TUBE;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_HEIGHT;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_HEATSINK_HEIGHT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lowfield.core.check.Derived;
import lowfield.core.check.FigureRef;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.Told;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.part.Figure;
import lowfield.core.part.RadiatorPlace;

/**
 * Where the radiator of a liquid cooler goes: where the author puts it, else the first place of the case that takes its
 * size, its thickness with fans, the memory and the heatsinks under it, and the length of its tubes. The front comes last,
 * since it costs room for the graphics card. A place whose room is not known is no place that takes it.
 *
 * @param cooler the cooler; absent without a radiator
 * @param box the case; absent while none is chosen
 * @param place where it goes; absent where it goes nowhere, or one cannot tell
 * @param missing the figure for want of which one cannot tell, or cannot tell whether it may stay away from the front
 * @param thickness of the radiator with its fans, in millimetres
 * @param wanted the place that the author chose
 * @param byUsualThickness whether a place would take it, were it not for a thickness that is only usual
 */
public record RadiatorPosition(
        Optional<Seen> cooler,
        Optional<Seen> box,
        Optional<RadiatorPlace> place,
        Optional<Seen.Asked<?>> missing,
        Span thickness,
        Optional<String> wanted,
        boolean byUsualThickness)
        implements Told {
    public static final String FRONT = "front";

    private static final View COOLER = View.of(
            Slot.COOLER,
            COOLER_RADIATOR,
            COOLER_RADIATOR_THICKNESS,
            COOLER_RADIATOR_ALONE,
            COOLER_FAN_THICKNESS,
            COOLER_TUBE,
            PLACE);
    private static final View CASE = View.of(Slot.CASE, CASE_RADIATORS);
    private static final View MEMORY = View.of(Slot.MEMORY, MEMORY_HEIGHT);
    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_HEATSINK_HEIGHT);

    public static final Derived<RadiatorPosition> OF_BUILD = Derived.of(
                    "radiator-position",
                    "place of the radiator",
                    List.of(COOLER, CASE, MEMORY, BOARD),
                    RadiatorPosition::of)
            .usually(UsualValue.RADIATOR_THICKNESS, UsualValue.FAN_THICKNESS);

    private static RadiatorPosition of(Inputs inputs) {
        var cooler = inputs.lines(COOLER).stream()
                .filter(c -> c.figure(COOLER_RADIATOR).isKnown())
                .findFirst();
        var box = inputs.first(CASE);
        if (cooler.isEmpty() || box.isEmpty()) {
            return new RadiatorPosition(
                    cooler, box, Optional.empty(), Optional.empty(), Span.ZERO, Optional.empty(), false);
        }
        return of(cooler.get(), box.get(), inputs);
    }

    private static RadiatorPosition of(Seen cooler, Seen box, Inputs inputs) {
        var thickness = thickness(cooler, inputs);
        var wanted = cooler.figure(PLACE).value();
        var places = box.figure(CASE_RADIATORS);
        if (places instanceof Figure.NotKnown) {
            return new RadiatorPosition(
                    Optional.of(cooler),
                    Optional.of(box),
                    Optional.empty(),
                    Optional.of(box.get(CASE_RADIATORS)),
                    thickness,
                    wanted,
                    false);
        }
        var open = new ArrayList<RadiatorPlace>();
        var missing = new ArrayList<Seen.Asked<?>>();
        var isRefusedByUsualThickness = false;
        for (var place : places.or(List.of())) {
            if (wanted.isPresent() && !wanted.get().equals(place.place().or(""))) {
                continue;
            }
            var why = new ArrayList<Seen.Asked<?>>();
            if (takes(place, cooler, box, thickness, inputs, why)) {
                if (why.isEmpty()) {
                    open.add(place);
                } else {
                    missing.add(why.get(0));
                }
            } else if (thickness.onUsualValue()
                    && takes(place, cooler, box, Span.exactly(1), inputs, new ArrayList<>())) {
                isRefusedByUsualThickness = true;
            }
        }
        var best = open.stream().min(Comparator.comparing(RadiatorPosition::isFront));
        if (isRefusedByUsualThickness && best.isPresent()) {
            missing.add(cooler.get(COOLER_RADIATOR_THICKNESS));
        }
        var isSettled = best.filter(p -> !isFront(p)).isPresent();
        return new RadiatorPosition(
                Optional.of(cooler),
                Optional.of(box),
                best,
                isSettled || missing.isEmpty() ? Optional.empty() : Optional.of(missing.get(0)),
                thickness,
                wanted,
                best.isEmpty() && isRefusedByUsualThickness);
    }

    private static Span thickness(Seen cooler, Inputs inputs) {
        return cooler.figure(COOLER_RADIATOR_THICKNESS)
                .value()
                .map(Span::exactly)
                .orElseGet(() -> inputs.orUsual(cooler, COOLER_RADIATOR_ALONE, UsualValue.RADIATOR_THICKNESS)
                        .plus(inputs.orUsual(cooler, COOLER_FAN_THICKNESS, UsualValue.FAN_THICKNESS)));
    }

    /** Whether nothing that is known speaks against the place; what is not known and could, is added. */
    private static boolean takes(
            RadiatorPlace place, Seen cooler, Seen box, Span thickness, Inputs inputs, List<Seen.Asked<?>> missing) {
        var size = cooler.or(COOLER_RADIATOR, 0).toString();
        if (place.sizes() instanceof Figure.NotKnown) {
            missing.add(box.get(CASE_RADIATORS));
        } else if (!place.sizes().value().filter(s -> s.contains(size)).isPresent()) {
            return false;
        }
        if (place.thickness() instanceof Figure.NotKnown) {
            missing.add(box.get(CASE_RADIATORS));
        } else if (place.thickness().isKnown()) {
            var fit = thickness.in(place.thickness().or(0));
            if (fit == Span.Fit.EXCEEDS) {
                return false;
            }
            if (fit == Span.Fit.CANNOT_BE_TOLD) {
                missing.add(cooler.get(COOLER_RADIATOR_THICKNESS));
            }
        }
        return under(place.memoryHeight(), inputs.lines(MEMORY), MEMORY_HEIGHT, missing)
                && under(place.heatsinkHeight(), inputs.lines(BOARD), BOARD_HEATSINK_HEIGHT, missing)
                && reaches(place, cooler, missing);
    }

    private static boolean reaches(RadiatorPlace place, Seen cooler, List<Seen.Asked<?>> missing) {
        var needed = place.tube().value();
        if (needed.isEmpty()) {
            return true;
        }
        if (cooler.get(COOLER_TUBE).isMissing()) {
            missing.add(cooler.get(COOLER_TUBE));
        }
        return cooler.or(COOLER_TUBE, Integer.MAX_VALUE) >= needed.get();
    }

    /** Only where the place's own limit is known can something stand under it too high. */
    private static boolean under(
            Figure<Integer> limit, List<Seen> lines, FigureRef<?, Integer> height, List<Seen.Asked<?>> missing) {
        if (!limit.isKnown()) {
            return true;
        }
        for (var line : lines) {
            if (line.get(height).isMissing()) {
                missing.add(line.get(height));
            } else if (line.or(height, 0) > limit.or(0)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isFront(RadiatorPlace place) {
        return place.place().or("").equals(FRONT);
    }

    public boolean isInFront() {
        return isAt(FRONT);
    }

    /** Whether the radiator goes there, and no figure that is missing could move it. */
    public boolean isAt(String name) {
        return missing.isEmpty()
                && place.filter(p -> p.place().or("").equals(name)).isPresent();
    }

    public boolean mayBeInFront() {
        return mayBeAt(FRONT);
    }

    /** Whether the radiator is taken to be where it is by a usual thickness. */
    public boolean restsOnUsualValue() {
        return place.isPresent() && thickness.onUsualValue();
    }

    /** Whether the radiator goes there, or could still turn out to. */
    public boolean mayBeAt(String name) {
        return isAt(name)
                || doubt().isPresent() && wanted.filter(w -> !w.equals(name)).isEmpty();
    }

    /** The figure for want of which the radiator could still turn out to be elsewhere, or to have a place after all. */
    public Optional<Seen.Asked<?>> doubt() {
        return byUsualThickness && missing.isEmpty() ? cooler.map(c -> c.get(COOLER_RADIATOR_THICKNESS)) : missing;
    }

    /** The place that the author chose and that does not take it. */
    public Optional<String> refused() {
        return place.isEmpty() ? wanted : Optional.empty();
    }

    @Override
    public Object told() {
        return List.of(
                place.map(RadiatorPlace::place).map(Object.class::cast).orElse("-"),
                missing.map(m -> m.input().key()).orElse("-"),
                (doubt().isPresent() ? wanted : refused()).orElse("-"),
                thickness,
                byUsualThickness ? "by usual thickness" : "-");
    }
}
