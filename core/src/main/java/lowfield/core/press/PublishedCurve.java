package lowfield.core.press;

import java.time.LocalDate;
import java.util.List;

/** One line of a chart, oldest first. */
public record PublishedCurve(String name, List<Dot> dots) {
    /** A day's value. */
    public record Dot(LocalDate day, long value) {}
}
