package lowfield.core.proofreading.guard;

import java.math.BigDecimal;
import java.util.List;
import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;

/** Figures that follow from others of the same sentence: a difference, a sum, so many times a size. They are true as those are. */
final class DerivedFigures {
    private static final Pattern TIMES = Pattern.compile("(\\d{1,2}) ?[x×*] ?$");

    private final String text;
    private final List<WrittenFigure> all;
    private final List<Stretch> sentences;

    DerivedFigures(String text, List<WrittenFigure> all) {
        this.text = text;
        this.all = all;
        sentences = Stretch.sentences(text);
    }

    /** @param right the figures of the text that are not otherwise than the data */
    boolean follows(WrittenFigure figure, KnownFigure meant, List<WrittenFigure> right) {
        var others = right.stream()
                .filter(o -> o.start() != figure.start() && o.dimension() == figure.dimension() && isBeside(o, figure))
                .toList();
        return isCombined(figure, others) || isTimes(figure, meant);
    }

    private boolean isBeside(WrittenFigure one, WrittenFigure other) {
        return sentences.stream().anyMatch(s -> s.holds(one.start()) && s.holds(other.start()));
    }

    private static boolean isCombined(WrittenFigure figure, List<WrittenFigure> others) {
        for (var a : others) {
            for (var b : others) {
                if (a.start() < b.start()
                        && (figure.holds(a.middle().subtract(b.middle()).abs())
                                || figure.holds(a.middle().add(b.middle())))) {
                    return true;
                }
            }
        }
        return false;
    }

    /** "2 x 8 GB": of what is meant it is the size that is counted; "16 GB in all" is the count times the size. */
    private boolean isTimes(WrittenFigure figure, KnownFigure meant) {
        if (figure.dimension() != Dimension.CAPACITY) {
            return false;
        }
        var own = times(figure);
        if (own > 1 && figure.middle().multiply(BigDecimal.valueOf(own)).compareTo(meant.value()) == 0) {
            return true;
        }
        return all.stream()
                .filter(o -> o.dimension() == figure.dimension() && isBeside(o, figure))
                .anyMatch(o -> times(o) > 1 && figure.holds(o.middle().multiply(BigDecimal.valueOf(times(o)))));
    }

    private int times(WrittenFigure figure) {
        var before = TIMES.matcher(text.substring(Math.max(0, figure.start() - 6), figure.start()));
        return before.find() ? Integer.parseInt(before.group(1)) : 1;
    }
}
