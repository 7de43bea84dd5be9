package lowfield.core.check;

import java.util.Arrays;
import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;

/** A slot that holds one thing holds one line of quantity one; memory kits may be several of a kind. */
final class SlotsOnce implements Check {
    @Override
    public String id() {
        return "slot-twice";
    }

    @Override
    public String rule() {
        return "No slot for one thing is filled twice";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        return Arrays.stream(Slot.values())
                .filter(slot -> !slot.several())
                .filter(slot -> pieces(slot, build) > (slot == Slot.MEMORY ? Line.MOST : 1)
                        || build.filled(slot).size() > 1)
                .map(slot -> Finding.of(
                        this,
                        Verdict.CLASH,
                        build.filled(slot).stream().map(Line::id).toList(),
                        "%s is filled with %s pieces on %s lines; one belongs there",
                        slot.label(),
                        pieces(slot, build),
                        build.filled(slot).size()))
                .toList();
    }

    private static int pieces(Slot slot, Build build) {
        return build.filled(slot).stream().mapToInt(Line::quantity).sum();
    }
}
