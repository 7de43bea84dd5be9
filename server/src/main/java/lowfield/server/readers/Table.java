package lowfield.server.readers;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lowfield.core.press.Publication;

/** Builds or parts side by side on a reader's page: what the columns are called, and the rows. */
record Table(List<String> heads, List<Row> rows, Rows.Texts texts) {
    Table(List<String> heads, List<Row> rows) {
        this(heads, rows, new Rows.Texts("", ""));
    }

    /** A row: what it tells, and a cell for each column. */
    record Row(String label, List<Cell> cells) {}

    /** What stands in a table, and whether it is better than its neighbours, or the same as the one before. */
    record Cell(String text, boolean better, boolean same) {}

    /** A tier's builds, slot against slot; what is the same as on the left is not said again. */
    static Table sideBySide(Publication.Tier tier, Wording words, PageTerms terms) {
        var slots = new LinkedHashSet<String>();
        tier.builds().forEach(b -> b.lines().forEach(l -> slots.add(l.slot())));
        var rows = new ArrayList<Row>();
        for (var slot : slots) {
            rows.add(row(
                    slot,
                    tier.builds().stream().map(b -> inSlot(b, slot, words)).toList()));
        }
        rows.add(row(
                terms.peakOfBuilds(),
                tier.builds().stream()
                        .map(b -> b.peakWatts().map(w -> w + " W").orElse("not known"))
                        .toList()));
        rows.add(row(
                "Total", tier.builds().stream().map(b -> words.whole(b.total())).toList()));
        return new Table(tier.builds().stream().map(Publication.Build::name).toList(), rows);
    }

    private static Row row(String label, List<String> texts) {
        var cells = new ArrayList<Cell>();
        for (int i = 0; i < texts.size(); i++) {
            cells.add(new Cell(texts.get(i), false, i > 0 && texts.get(i).equals(texts.get(i - 1))));
        }
        return new Row(label, cells);
    }

    private static String inSlot(Publication.Build build, String slot, Wording words) {
        return build.lines().stream()
                .filter(l -> l.slot().equals(slot))
                .map(l -> l.label()
                        + l.price()
                                .known()
                                .filter(p -> p.minor() != 0)
                                .map(p -> ", " + words.money(p))
                                .orElse(""))
                .collect(Collectors.joining("; "));
    }

    static Table compared(Publication.Table table) {
        return new Table(
                table.parts(),
                table.rows().stream()
                        .map(r -> new Row(
                                r.label(),
                                IntStream.range(0, r.cells().size())
                                        .mapToObj(i -> new Cell(
                                                r.cells().get(i).isEmpty()
                                                        ? "not known"
                                                        : r.cells().get(i),
                                                r.better().contains(i),
                                                false))
                                        .toList()))
                        .toList(),
                More.texts(table.texts()));
    }
}
