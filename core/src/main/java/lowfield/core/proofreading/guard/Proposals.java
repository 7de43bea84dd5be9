package lowfield.core.proofreading.guard;

import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;

/**
 * Whether the right figure can be offered in the place of one that is otherwise: not where the words beside it say that they
 * mean something that the data does not hold, like a suggested price, a difference or a total.
 */
final class Proposals {
    private static final int NEAR = 30;
    private static final Pattern DIFFERENCE =
            Pattern.compile("(?i)^[^.;,]{0,12}(?<![\\p{L}])(?:less|more|cheaper|dearer|saved|extra)(?![\\p{L}])");
    private static final Pattern SUGGESTED = Pattern.compile(
            "(?i)(?<![\\p{L}])(?:msrp|suggested|recommended|list) ?(?:retail )?(?:price)?(?![\\p{L}])|launch(?:ed)? (?:price|at)");
    private static final Pattern WHOLE = Pattern.compile(
            "(?i)(?<![\\p{L}])(?:whole|entire) (?:build|machine|list)|(?:build|machine) comes? to|in all|altogether|total");
    private static final Pattern PEAK = Pattern.compile("(?i)(?<![\\p{L}])(?:sustained )?peak(?![\\p{L}])");

    private Proposals() {}

    static boolean isOffered(String text, WrittenFigure written, KnownFigure right) {
        var sentence = Stretch.sentences(text).stream()
                .filter(s -> s.holds(written.start()))
                .findFirst()
                .orElse(new Stretch(written.start(), written.end()));
        var near = sentence.near(written.start(), NEAR).of(text);
        var after = text.substring(written.end(), Math.min(sentence.end(), written.end() + NEAR));
        var label = right.label();
        if (written.dimension() == Dimension.POWER) {
            return !PEAK.matcher(near).find() || label.contains("peak");
        }
        if (written.dimension() != Dimension.MONEY) {
            return true;
        }
        return (right.use() == KnownFigure.Use.DIFFERENCE
                        || !DIFFERENCE.matcher(after).find())
                && (label.contains("MSRP") || !SUGGESTED.matcher(near).find())
                && (!isOfAPart(right) || !WHOLE.matcher(near).find())
                && !(WHOLE.matcher(near).find() && label.startsWith("total of "));
    }

    private static boolean isOfAPart(KnownFigure right) {
        return right.use() == KnownFigure.Use.OWN || right.use() == KnownFigure.Use.BEFORE;
    }
}
