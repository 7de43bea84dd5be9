package lowfield.server.readers;

import java.util.Locale;
import java.util.Map;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing;
import org.springframework.web.util.HtmlUtils;

/**
 * The fit of a build as SVG, one unit a millimetre. It has no colours of its own: classes say what something is and how it
 * stands, for the style sheets of bench and page. Every text is escaped.
 */
public final class FitSvg {
    private static final int MARGIN = 12;
    private static final int HEAD = 34;
    private static final int GAP = 64;
    private static final int LINE = 20;
    /** Width of a letter at the size of the drawing's text, on average. */
    private static final double LETTER = 7.8;

    /** What a part is called where its name does not go in. */
    private static final Map<FitDrawing.Box.Sort, String> SHORT = Map.of(
            FitDrawing.Box.Sort.BOARD, "board",
            FitDrawing.Box.Sort.CARD, "card",
            FitDrawing.Box.Sort.COOLER, "cooler",
            FitDrawing.Box.Sort.RADIATOR, "radiator",
            FitDrawing.Box.Sort.FANS, "fans",
            FitDrawing.Box.Sort.MEMORY, "memory",
            FitDrawing.Box.Sort.SUPPLY, "PSU",
            FitDrawing.Box.Sort.DRIVE, "drive");

    private final StringBuilder out = new StringBuilder();

    private FitSvg() {}

    /** Empty where nothing can be drawn. */
    public static String of(FitDrawing fit) {
        return fit.panels().stream().noneMatch(p -> p.width() > 0) ? "" : new FitSvg().draw(fit);
    }

    private String draw(FitDrawing fit) {
        var shown = fit.panels().stream().filter(p -> p.width() > 0).toList();
        var width = shown.stream().mapToInt(FitDrawing.Panel::width).sum() + GAP * (shown.size() - 1) + 2 * MARGIN;
        var high = shown.stream().mapToInt(FitDrawing.Panel::height).max().orElse(0);
        var absent = fit.panels().stream()
                .flatMap(p -> p.absent().stream())
                .map(FitDrawing.Absent::said)
                .distinct()
                .toList();
        var height = HEAD + high + LINE + absent.size() * LINE + MARGIN;
        out.append(
                "<svg class=\"fit\" viewBox=\"0 0 %d %d\" role=\"img\" aria-label=\"The fit, drawn to scale; the same stands beside it in words\">"
                        .formatted(width, height));
        var x = MARGIN;
        for (var panel : shown) {
            panel(panel, x);
            x += panel.width() + GAP;
        }
        var y = HEAD + high + LINE;
        for (var said : absent) {
            out.append("<line class=\"leader\" x1=\"%d\" y1=\"%d\" x2=\"%d\" y2=\"%d\"/>"
                    .formatted(MARGIN, y - 4, MARGIN + 30, y - 4));
            text(MARGIN + 38, y, "unknown", said);
            y += LINE;
        }
        return out.append("</svg>").toString();
    }

    private void panel(FitDrawing.Panel panel, int x) {
        text(x, HEAD - 12, "head", fitting(panel.title(), panel.width() + GAP - 8, panel.title()));
        out.append("<g transform=\"translate(%d %d)\">".formatted(x, HEAD));
        panel.boxes().forEach(b -> box(b, free(b, panel)));
        panel.measures().forEach(m -> measure(m, panel));
        out.append("</g>");
    }

    /** How much of the lower part of a box no other box covers. */
    private static int free(FitDrawing.Box box, FitDrawing.Panel panel) {
        var bottom = box.y() + box.height();
        return panel.boxes().stream()
                .filter(o -> o != box && o.sort() != FitDrawing.Box.Sort.CASE)
                .filter(o -> o.x() < box.x() + box.width() && box.x() < o.x() + o.width())
                .mapToInt(o -> o.y() + o.height())
                .filter(b -> b > box.y() && b < bottom)
                .map(b -> bottom - b)
                .min()
                .orElse(box.height());
    }

    private void box(FitDrawing.Box box, int free) {
        out.append("<rect class=\"%s %s\" x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\"/>"
                .formatted(
                        box.sort().name().toLowerCase(Locale.ROOT),
                        word(box.verdict()),
                        box.x(),
                        box.y(),
                        Math.max(1, box.width()),
                        Math.max(1, box.height())));
        if (box.sort() == FitDrawing.Box.Sort.CASE || box.height() < LINE) {
            return;
        }
        if (box.sort() == FitDrawing.Box.Sort.TRAY) {
            var detail = fitting(box.detail(), box.width(), "");
            // Above the shroud: under it stand the PSU and the drive cage.
            text(box.x() + box.width() - (int) (detail.length() * LETTER), box.y() - 6, "", detail);
            return;
        }
        // A cooler stands over the upper part of a motherboard, and a card over its middle: its name goes to the lower
        // edge.
        var isBoard = box.sort() == FitDrawing.Box.Sort.BOARD;
        if (isBoard && free < LINE + 4) {
            return;
        }
        var lines = isBoard && free < 2 * LINE + 4 ? 1 : 2;
        var top = isBoard ? box.y() + box.height() - lines * LINE - 4 : box.y();
        var room = box.width() - 10;
        var name = fitting(box.name(), room, SHORT.getOrDefault(box.sort(), ""));
        text(box.x() + 6, top + 17, "name", name);
        if (lines == 2 && box.height() >= 2 * LINE) {
            text(box.x() + 6, top + 17 + (name.isEmpty() ? 0 : LINE - 2), "", fitting(box.detail(), room, ""));
        }
    }

    /** The words, or shorter ones where they are too long for the room; nothing where those are, too. */
    private static String fitting(String words, int room, String shorter) {
        return words.length() * LETTER <= room ? words : shorter.length() * LETTER <= room ? shorter : "";
    }

    private void measure(FitDrawing.Measure m, FitDrawing.Panel panel) {
        var at = MeasureLabel.of(m, panel, m.said().length() * LETTER);
        out.append("<path class=\"measure %s\" d=\"M%d %d v10 m0 -5 H%d m0 -5 v10\"/>"
                .formatted(word(m.verdict()), m.fromX(), at.line() - 5, m.toX()));
        if (m.said().isEmpty()) {
            return;
        }
        out.append("<text class=\"said %s\" x=\"%.0f\" y=\"%d\" text-anchor=\"middle\">%s</text>"
                .formatted(word(m.verdict()), at.middle(), at.baseline(), HtmlUtils.htmlEscape(m.said())));
    }

    private void text(int x, int y, String sort, String words) {
        if (!words.isEmpty()) {
            out.append("<text class=\"%s\" x=\"%d\" y=\"%d\">%s</text>"
                    .formatted(sort, x, y, HtmlUtils.htmlEscape(words)));
        }
    }

    static String word(Verdict verdict) {
        return switch (verdict) {
            case FITS -> "fits";
            case NOTE, CAUTION -> "tight";
            case CLASH -> "clashes";
            case NOT_KNOWN -> "unknown";
        };
    }
}
