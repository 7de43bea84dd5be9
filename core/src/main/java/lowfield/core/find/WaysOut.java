package lowfield.core.find;

import java.util.List;
import lowfield.core.check.Finding;
import lowfield.core.guide.Slot;

/** A finding goes only by a change in a slot that its check concerns: where too few changes are left for that, nothing is tried. */
final class WaysOut {
    private WaysOut() {}

    /** Whether there are so many slots, or fewer, of which every finding concerns one. */
    static boolean areThere(List<Finding> open, List<Slot> free, int changes) {
        for (int subset = 0; subset < 1 << free.size(); subset++) {
            if (Integer.bitCount(subset) <= changes && concernAll(open, free, subset)) {
                return true;
            }
        }
        return false;
    }

    private static boolean concernAll(List<Finding> open, List<Slot> free, int subset) {
        for (var finding : open) {
            if (!concerns(finding, free, subset)) {
                return false;
            }
        }
        return true;
    }

    private static boolean concerns(Finding finding, List<Slot> free, int subset) {
        for (int i = 0; i < free.size(); i++) {
            if ((subset >> i & 1) == 1 && finding.check().slots().contains(free.get(i))) {
                return true;
            }
        }
        return false;
    }
}
