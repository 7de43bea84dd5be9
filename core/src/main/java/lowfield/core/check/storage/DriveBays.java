package lowfield.core.check.storage;

import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_25;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_35;
import static lowfield.core.check.figures.CaseFigures.CASE_BAYS_COMBINED;
import static lowfield.core.check.figures.DriveFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether 2.5-inch and 3.5-inch drives find bays. */
public final class DriveBays {
    private static final View IN_BAYS = View.of(Drives.SLOTS, DRIVE_SHAPE, SOURCE, QUANTITY);
    private static final View BAYS = View.of(Slot.CASE, CASE_BAYS_35, CASE_BAYS_25, CASE_BAYS_COMBINED);

    public static final List<Check> ALL = List.of(decides("drive-bays", "Every 2.5-inch and 3.5-inch drive has a bay")
            .seeing(IN_BAYS, BAYS)
            .fits("enough", "%s drives for a bay; the case has room for them.")
            .caution(
                    "no-small",
                    "%s 2.5-inch drives; the case has bays for only %s. An SSD can be taped down.",
                    "Fix the 2.5-inch SSD with tape; the case has no bay for it.")
            .clash("no-large", "%s 3.5-inch drives; the case has bays for only %s.")
            .by(DriveBays::bays));

    private DriveBays() {}

    private static List<Seen> of(List<Seen> drives, String shape) {
        return Drives.there(drives).stream()
                .filter(d -> d.or(DRIVE_SHAPE, "").equals(shape))
                .toList();
    }

    /** Combined bays take one drive of either size and count once. */
    private static void bays(Inputs in, FindingCollector tell) {
        var large = of(in.lines(IN_BAYS), Drives.LARGE);
        var small = of(in.lines(IN_BAYS), Drives.SMALL);
        Drives.there(in.lines(IN_BAYS)).stream()
                .filter(d -> d.get(DRIVE_SHAPE).isMissing())
                .forEach(d -> tell.about(d).missing(d.get(DRIVE_SHAPE)));
        for (var box : in.lines(BAYS)) {
            var combined = box.or(CASE_BAYS_COMBINED, 0);
            var forLarge = Drives.pieces(large);
            if (!large.isEmpty()) {
                var about = tell.about(large, box);
                about.with(
                        box.get(CASE_BAYS_35),
                        bays -> about.say(
                                forLarge <= bays + combined ? "enough" : "no-large", forLarge, bays + combined));
            }
            if (!small.isEmpty()) {
                var about = tell.about(small, box);
                var taken = Math.max(0, forLarge - box.or(CASE_BAYS_35, 0));
                about.with(box.get(CASE_BAYS_25), bays -> {
                    var room = bays + Math.max(0, combined - taken);
                    var wanted = Drives.pieces(small);
                    about.say(wanted <= room ? "enough" : "no-small", wanted, room);
                });
            }
        }
    }
}
