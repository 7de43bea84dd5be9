package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.WrittenFigure;

/** What is seen where a figure may be about something that we hold no data of: "a 900 W heater", "I paid 230 EUR". */
final class AsideClues {
    private AsideClues() {}

    static List<String> of(Passage passage, Words words) {
        var dimension = passage.figure().dimension();
        var all = new ArrayList<>(List.of(
                "aside",
                "aside " + dimension,
                "aside digits " + dimension + " " + digits(passage.figure()),
                "aside named " + (passage.inClause().isEmpty() ? "not in clause" : "in clause"),
                "aside before " + words.before(1),
                "aside before " + words.before(2) + " " + words.before(1),
                "aside next " + words.next(),
                "aside next " + dimension + " " + words.next(),
                "aside clause begins " + words.firstOfClause()));
        if (passage.mentions().isEmpty()) {
            all.add("aside nothing named");
        }
        words.before().stream().distinct().forEach(w -> all.add("aside in phrase " + w));
        words.after(4).stream().distinct().forEach(w -> all.add("aside behind " + w));
        words.around().forEach(w -> all.add("aside around " + w));
        return all;
    }

    /** How many digits tell something: who writes 400 EUR seldom means a price of 412.90 EUR. */
    private static String digits(WrittenFigure figure) {
        if (figure.dimension() == Dimension.COUNT) {
            return "counted";
        }
        var value = figure.middle().stripTrailingZeros();
        var written = figure.dimension() == Dimension.MONEY ? value.movePointLeft(2) : value;
        return written.stripTrailingZeros().scale() > 0 ? "broken" : String.valueOf(Math.min(3, value.precision()));
    }
}
