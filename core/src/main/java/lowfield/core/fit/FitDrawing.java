package lowfield.core.fit;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Build;

/**
 * The fit of a build: two views, in millimetres, and the same in words. Empty where there is no case to look into.
 *
 * @param panels from the open side, and in cross-section
 * @param words what goes into what, with what is left of it, and what is not on file
 * @param sizes every other size that is drawn
 */
public record FitDrawing(List<Panel> panels, List<Sentence> words, List<Sentence> sizes) {
    public FitDrawing {
        panels = List.copyOf(panels);
        words = List.copyOf(words);
        sizes = List.copyOf(sizes);
    }

    /**
     * One view. Its origin is the upper corner at the rear (from the side), or at the open panel (in cross-section).
     *
     * @param width of the case in this view; not above zero where its sizes are not on file
     */
    public record Panel(
            String title, int width, int height, List<Box> boxes, List<Measure> measures, List<Absent> absent) {
        public Panel {
            boxes = List.copyOf(boxes);
            measures = List.copyOf(measures);
            absent = List.copyOf(absent);
        }
    }

    /** What is drawn as a rectangle; the name and the detail stand in it. */
    public record Box(Sort sort, String name, String detail, int x, int y, int width, int height, Verdict verdict) {
        /** What it is; the names are stored. */
        public enum Sort {
            CASE,
            BOARD,
            CARD,
            COOLER,
            RADIATOR,
            /** What stands at the front. */
            FANS,
            MEMORY,
            SUPPLY,
            TRAY,
            DRIVE,
            CAGE
        }
    }

    /** A clearance with what is left of it, along a line; nothing is said where the words beside the drawing have to do. */
    public record Measure(int fromX, int fromY, int toX, int toY, String said, Verdict verdict) {}

    /** A part that has no outline, and the figure that is missing for it. */
    public record Absent(String said) {}

    /** The same in words: "Graphics card: 304 mm long; the case takes 360 mm. 56 mm free." */
    public record Sentence(Verdict verdict, String subject, String said) {}

    public static FitDrawing none() {
        return new FitDrawing(List.of(), List.of(), List.of());
    }

    /** Of a build, with what the checks say of it. */
    public static FitDrawing of(Build build, List<Finding> findings) {
        var parts = new FitParts(build, findings);
        if (parts.box().isEmpty()) {
            return none();
        }
        var side = SideView.of(parts);
        var section = CrossSection.of(parts);
        var absent = Stream.concat(side.absent().stream(), section.absent().stream())
                .map(Absent::said)
                .distinct()
                .map(said -> new Sentence(Verdict.NOT_KNOWN, "Not on file", said));
        var said = FitWords.of(parts);
        return new FitDrawing(
                List.of(side, section),
                Stream.concat(said.words().stream(), absent).toList(),
                said.sizes());
    }
}
