package lowfield.core.check;

import java.util.Arrays;
import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;

/** Every slot that a build cannot do without holds something. The cooler has a check of its own. */
final class SlotsFilled implements Check {
    @Override
    public String id() {
        return "slot-empty";
    }

    @Override
    public String rule() {
        return "No needed slot is empty";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        return Arrays.stream(Slot.values())
                .filter(slot -> slot.needed() && slot != Slot.COOLER)
                .map(slot -> of(slot, build))
                .toList();
    }

    private Finding of(Slot slot, Build build) {
        var lines = build.lines().stream()
                .filter(l -> l.slot() == slot)
                .map(Line::id)
                .toList();
        return build.filled(slot).isEmpty()
                ? Finding.of(this, Verdict.CLASH, lines, "%s is empty", slot.label())
                : Finding.of(this, Verdict.FITS, lines, "%s is filled", slot.label());
    }
}
