package lowfield.core.proofreading.guard;

import java.util.List;
import java.util.function.Predicate;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.TellingWords;

/** What the words around a figure tell of which figure it is: right beside it, in its phrase, in its clause. */
final class Telling {
    private static final double BESIDE = 2.5;
    private static final double IN_PHRASE = 2;
    private static final double ALSO = 1.5;
    private static final double IN_CLAUSE = 1;
    private static final double OTHERWISE = -2;
    private static final double WITHOUT_WORDS = -1.5;

    private final String beside;
    private final String phrase;
    private final String clause;
    private final List<String> toldBeside;
    private final List<String> toldInPhrase;

    /** @param labels what of the parts that are spoken of a figure of this dimension can be */
    Telling(Passage passage, List<String> labels) {
        beside = passage.beside();
        phrase = passage.phrase();
        clause = passage.clauseWords();
        toldBeside = labels.stream().filter(l -> TellingWords.tell(l, beside)).toList();
        toldInPhrase = labels.stream().filter(l -> TellingWords.tell(l, phrase)).toList();
    }

    /** How much the words speak for a figure; below zero where they tell of another of its dimension. */
    double of(KnownFigure figure) {
        var label = figure.label();
        if (figure.dimension() == Dimension.COUNT) {
            return IN_PHRASE;
        }
        if (TellingWords.tell(label, beside)) {
            return BESIDE;
        }
        Predicate<String> isOther = l -> !l.equals(label);
        var isOtherBeside = toldBeside.stream().anyMatch(isOther);
        if (TellingWords.tell(label, phrase)) {
            return isOtherBeside ? ALSO : IN_PHRASE;
        }
        if (isOtherBeside || toldInPhrase.stream().anyMatch(isOther)) {
            return OTHERWISE;
        }
        if (TellingWords.tell(label, clause)) {
            return IN_CLAUSE;
        }
        return TellingWords.isSeldomMeant(label) ? WITHOUT_WORDS : 0;
    }

    /** The same for a figure of the whole build. */
    double ofBuild(KnownFigure figure) {
        if (TellingWords.tell(figure.label(), beside)) {
            return BESIDE;
        }
        if (TellingWords.tell(figure.label(), phrase)) {
            return IN_PHRASE;
        }
        return figure.dimension() == Dimension.PERCENT && TellingWords.tell(figure.label(), clause) ? IN_CLAUSE : 0;
    }
}
