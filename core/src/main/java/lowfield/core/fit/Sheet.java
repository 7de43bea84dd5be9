package lowfield.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lowfield.core.check.Verdict;

/** A view in the making. */
final class Sheet {
    final List<FitDrawing.Box> boxes = new ArrayList<>();
    final List<FitDrawing.Measure> measures = new ArrayList<>();
    final List<FitDrawing.Absent> absent = new ArrayList<>();

    /** Says which figure is missing for a part to be drawn. */
    void lacks(String part, String figure) {
        absent.add(new FitDrawing.Absent("%s: %s is not on file.".formatted(part, figure)));
    }

    /** A figure; where it is missing, that is said. */
    Optional<Integer> needed(Optional<Integer> figure, String part, String name) {
        if (figure.isEmpty()) {
            lacks(part, name);
        }
        return figure;
    }

    /** Where a check cannot tell the room for a part, the figure that it misses is said. */
    void needed(Clearance room) {
        room.missing().ifPresent(missing -> absent.add(new FitDrawing.Absent(missing + ".")));
    }

    void box(
            FitDrawing.Box.Sort sort,
            String name,
            String detail,
            int x,
            int y,
            int width,
            int height,
            Verdict verdict) {
        boxes.add(new FitDrawing.Box(sort, name, detail, x, y, width, height, verdict));
    }

    void measure(int fromX, int fromY, int toX, int toY, String said, Verdict verdict) {
        measures.add(new FitDrawing.Measure(fromX, fromY, toX, toY, said, verdict));
    }

    FitDrawing.Panel panel(String title, int width, int height) {
        return new FitDrawing.Panel(title, width, height, boxes, measures, absent);
    }
}
