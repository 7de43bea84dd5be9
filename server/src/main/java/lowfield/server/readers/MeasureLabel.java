package lowfield.server.readers;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lowfield.core.fit.FitDrawing;
import lowfield.core.fit.FitDrawing.Box;

/**
 * Where a clearance and its words stand in a view of the fit: under the line where no part lies there, else beside the part,
 * with the line near its edge.
 *
 * @param middle of the words, across
 * @param baseline of the words
 * @param line how far down the clearance is drawn
 */
record MeasureLabel(double middle, int baseline, int line) {
    private static final Set<Box.Sort> PARTS = EnumSet.of(
            Box.Sort.CARD,
            Box.Sort.COOLER,
            Box.Sort.RADIATOR,
            Box.Sort.MEMORY,
            Box.Sort.SUPPLY,
            Box.Sort.DRIVE,
            Box.Sort.CAGE);
    private static final int UNDER = 20;
    private static final int EDGE = 8;
    private static final int ASCENT = 12;
    private static final int DESCENT = 3;

    /** @param width of the words */
    static MeasureLabel of(FitDrawing.Measure measure, FitDrawing.Panel panel, double width) {
        var places = places(measure, panel, width);
        return places.stream().filter(p -> p.isFree(panel, width)).findFirst().orElse(places.get(0));
    }

    private static List<MeasureLabel> places(FitDrawing.Measure measure, FitDrawing.Panel panel, double width) {
        var half = width / 2;
        var least = half + 2;
        var most = panel.width() - half - 2;
        var across = Stream.of(
                        (measure.fromX() + measure.toX()) / 2.0, measure.fromX() + half + 3, measure.toX() - half - 3)
                .map(x -> Math.max(least, Math.min(most, x)))
                .distinct()
                .toList();
        var places = new ArrayList<MeasureLabel>();
        across.forEach(x -> places.add(new MeasureLabel(x, measure.fromY() + UNDER, measure.fromY())));
        panel.boxes().stream()
                .filter(b -> PARTS.contains(b.sort()))
                .filter(b -> b.y() <= measure.fromY() && measure.fromY() <= b.y() + b.height())
                .filter(b -> b.x() == measure.toX() || b.x() + b.width() == measure.fromX())
                .forEach(b -> {
                    var bottom = b.y() + b.height();
                    across.forEach(x -> places.add(new MeasureLabel(x, bottom + ASCENT + 2, bottom - EDGE)));
                    across.forEach(x -> places.add(new MeasureLabel(x, b.y() - DESCENT - 2, b.y() + EDGE)));
                });
        return places;
    }

    private boolean isFree(FitDrawing.Panel panel, double width) {
        return baseline - ASCENT > 0
                && baseline + DESCENT < panel.height()
                && panel.boxes().stream().filter(b -> PARTS.contains(b.sort())).noneMatch(b -> covers(b, width));
    }

    private boolean covers(Box box, double width) {
        return box.x() < middle + width / 2
                && middle - width / 2 < box.x() + box.width()
                && box.y() < baseline + DESCENT
                && baseline - ASCENT < box.y() + box.height();
    }
}
