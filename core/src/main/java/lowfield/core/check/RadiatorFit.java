package lowfield.core.check;

import static lowfield.core.check.Figures.*;

import java.util.Comparator;
import java.util.Optional;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.RadiatorPlace;

/**
 * Where a liquid cooler's radiator goes: the first place of the case that takes its size, its thickness with fans, the
 * memory and the board's heatsinks under it, and the tube's length. The front comes last, since it costs room for the
 * card. A limit that is not known does not exclude a place.
 */
final class RadiatorFit {
    private static final String FRONT = "front";

    private RadiatorFit() {}

    static Optional<String> of(Build build, Line cooler, Line box) {
        var size = COOLER_RADIATOR.from(cooler).value();
        var places = CASE_RADIATORS.from(box).value();
        if (size.isEmpty() || places.isEmpty()) {
            return Optional.empty();
        }
        var memory = build.filled(Slot.MEMORY).stream()
                .mapToInt(l -> MEMORY_HEIGHT.from(l).or(0))
                .max()
                .orElse(0);
        var heatsink = build.filled(Slot.MOTHERBOARD).stream()
                .mapToInt(l -> BOARD_HEATSINK_HEIGHT.from(l).or(0))
                .max()
                .orElse(0);
        return places.get().stream()
                .filter(p -> takes(p, size.get().toString(), cooler, memory))
                .filter(p -> heatsink <= p.heatsinkHeight().or(Integer.MAX_VALUE))
                .map(p -> p.place().or("somewhere"))
                .min(Comparator.comparing(FRONT::equals));
    }

    /** Whether the only place for the cooler of this build is the front. */
    static boolean inFront(Build build) {
        for (var cooler : build.filled(Slot.COOLER)) {
            for (var box : build.filled(Slot.CASE)) {
                if (of(build, cooler, box).filter(FRONT::equals).isPresent()) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean takes(RadiatorPlace place, String size, Line cooler, int memory) {
        return place.sizes().value().filter(s -> s.contains(size)).isPresent()
                && COOLER_RADIATOR_THICKNESS.from(cooler).or(0)
                        <= place.thickness().or(Integer.MAX_VALUE)
                && memory <= place.memoryHeight().or(Integer.MAX_VALUE)
                && COOLER_TUBE.from(cooler).or(Integer.MAX_VALUE)
                        >= place.tube().or(0);
    }
}
