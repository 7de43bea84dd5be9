package lowfield.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.power.SustainedPeak;

/** A build as the checks look at it: what several of them need is worked out once. For one run, by one thread. */
final class Scene {
    private final Build build;
    private final Map<UUID, Optional<DriveLayout>> layouts = new HashMap<>(2);
    private Optional<List<Line>> drives = Optional.empty();
    private Optional<SustainedPeak> peak = Optional.empty();
    private Optional<Boolean> radiatorInFront = Optional.empty();

    Scene(Build build) {
        this.build = build;
    }

    Build build() {
        return build;
    }

    Wishes wishes() {
        return build.wishes();
    }

    List<Line> filled(Slot slot) {
        return build.filled(slot);
    }

    /** The first line of a slot of which something holds. */
    Optional<Line> first(Slot slot, Predicate<Line> holds) {
        for (var line : build.filled(slot)) {
            if (holds.test(line)) {
                return Optional.of(line);
            }
        }
        return Optional.empty();
    }

    /** A number of each line of a slot, in all. */
    int sum(Slot slot, ToIntFunction<Line> number) {
        var sum = 0;
        for (var line : build.filled(slot)) {
            sum += number.applyAsInt(line);
        }
        return sum;
    }

    /** The largest number of the lines of a slot; none is below 0. */
    int most(Slot slot, ToIntFunction<Line> number) {
        var most = 0;
        for (var line : build.filled(slot)) {
            most = Math.max(most, number.applyAsInt(line));
        }
        return most;
    }

    /** All lines with drives that are really added. */
    List<Line> drives() {
        if (drives.isEmpty()) {
            drives = Optional.of(DriveLayout.drives(build));
        }
        return drives.get();
    }

    /** Where the M.2 drives go on a board; absent when the board's slots are not known. */
    Optional<DriveLayout> layout(Line board) {
        return layouts.computeIfAbsent(board.id(), id -> DriveLayout.of(build, board));
    }

    SustainedPeak peak() {
        if (peak.isEmpty()) {
            peak = Optional.of(SustainedPeak.of(build));
        }
        return peak.get();
    }

    /** Whether the cooler's radiator has no place but the front. */
    boolean radiatorInFront() {
        if (radiatorInFront.isEmpty()) {
            radiatorInFront = Optional.of(RadiatorFit.inFront(build));
        }
        return radiatorInFront.get();
    }
}
