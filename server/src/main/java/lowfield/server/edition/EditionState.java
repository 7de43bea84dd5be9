package lowfield.server.edition;

import java.util.List;
import lowfield.core.RuleBroken;
import lowfield.server.guide.ChartChoice;

/** What an author keeps with an edition for themselves ("look at next time"), and the charts that it shows its readers. */
public record EditionState(String note, List<ChartChoice> charts) {
    public EditionState {
        // Absent in commands from before there were charts.
        charts = charts == null ? List.of() : List.copyOf(charts);
        RuleBroken.unless(charts.size() <= 12, "An edition shows at most 12 charts.");
        RuleBroken.unless(charts.stream().distinct().count() == charts.size(), "A chart is shown once.");
        RuleBroken.unless(note.length() <= 2000, "A note takes at most 2,000 letters.");
    }
}
