package lowfield.server.readers;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedCurve;

/**
 * A frozen chart as a drawing of {@link #WIDTH} by {@link #HEIGHT} and as a table, so that no script is needed for its
 * values.
 */
record ChartDrawing(
        String title,
        String told,
        List<CurveLine> curves,
        String top,
        String bottom,
        String from,
        String to,
        List<DayRow> rows) {
    static final int WIDTH = 640;
    static final int HEIGHT = 180;
    private static final int MARGIN = 8;

    /** A curve: its name and the path of its line. */
    record CurveLine(String name, String path) {}

    /** A day and each curve's value on it; empty where a curve has none. */
    record DayRow(String day, List<String> values) {}

    static ChartDrawing of(Publication.Chart chart, LongFunction<String> words, DateTimeFormatter days) {
        var dots = chart.curves().stream().flatMap(c -> c.dots().stream()).toList();
        var low = dots.stream().mapToLong(PublishedCurve.Dot::value).min().orElse(0);
        var high = dots.stream().mapToLong(PublishedCurve.Dot::value).max().orElse(1);
        var first = dots.stream()
                .map(PublishedCurve.Dot::day)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        var last = dots.stream()
                .map(PublishedCurve.Dot::day)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        var frame = new Frame(first, Math.max(1, ChronoUnit.DAYS.between(first, last)), low, Math.max(1, high - low));
        return new ChartDrawing(
                chart.title(),
                chart.curves().stream().map(c -> told(c, words)).collect(Collectors.joining("; ")),
                chart.curves().stream()
                        .map(c -> new CurveLine(c.name(), frame.path(c.dots())))
                        .toList(),
                words.apply(high),
                words.apply(low),
                days.format(first),
                days.format(last),
                rows(chart, words, days));
    }

    /** "as published: 540.00 at first, 566.00 at last". */
    private static String told(PublishedCurve curve, LongFunction<String> words) {
        return "%s: %s at first, %s at last"
                .formatted(
                        curve.name(),
                        words.apply(curve.dots().get(0).value()),
                        words.apply(curve.dots().get(curve.dots().size() - 1).value()));
    }

    private record Frame(LocalDate first, long days, long low, long height) {
        String path(List<PublishedCurve.Dot> dots) {
            return dots.stream()
                    .map(d -> String.format(
                            Locale.ROOT,
                            "%.1f %.1f",
                            MARGIN + (WIDTH - 2.0 * MARGIN) * ChronoUnit.DAYS.between(first, d.day()) / days,
                            HEIGHT - MARGIN - (HEIGHT - 2.0 * MARGIN) * (d.value() - low) / height))
                    .collect(Collectors.joining(" L", "M", ""));
        }
    }

    private static List<DayRow> rows(Publication.Chart chart, LongFunction<String> words, DateTimeFormatter days) {
        var all = new TreeMap<LocalDate, List<String>>();
        for (int i = 0; i < chart.curves().size(); i++) {
            for (var dot : chart.curves().get(i).dots()) {
                var cells = all.computeIfAbsent(
                        dot.day(),
                        d -> new java.util.ArrayList<>(
                                java.util.Collections.nCopies(chart.curves().size(), "")));
                cells.set(i, words.apply(dot.value()));
            }
        }
        return all.entrySet().stream()
                .map(e -> new DayRow(days.format(e.getKey()), List.copyOf(e.getValue())))
                .toList();
    }
}
