package lowfield.core.proofreading.guard;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.TellingWords;

/** What the words around a figure tell of which figure it is: right beside it, in its phrase, in its clause. */
final class Telling {
    private static final double BESIDE = 2.5;
    private static final double IN_PHRASE = 2;
    private static final double ALSO = 1.5;
    private static final double IN_CLAUSE = 0.5;
    private static final double OTHERWISE = -2;
    private static final double WITHOUT_WORDS = -1.5;

    /** "750 W leave room": that is not the room. */
    private static final Pattern LEAVES =
            Pattern.compile("^ (?:leaves?|keeps?|gives?|would (?:leave|keep|give))(?![\\p{L}])");

    private static final Pattern LEFT = Pattern.compile("^(?:headroom|room |what is left)");

    /** "A peak of 412 W": told as plainly as can be. */
    private static final Pattern OF = Pattern.compile("([\\p{L}]+) of (?:about |up to |only )?$");

    private static final double JUST_BEFORE = 1;

    private final String justBefore;
    private final boolean isWhatLeaves;
    private final String beside;
    private final String phrase;
    private final String clause;
    private final List<String> toldBeside;
    private final List<String> toldInPhrase;

    /** @param labels what of the parts that are spoken of a figure of this dimension can be */
    Telling(Passage passage, List<String> labels) {
        isWhatLeaves = LEAVES.matcher(passage.after()).find();
        var of = OF.matcher(passage.before());
        justBefore = of.find() ? of.group(1) : "";
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
            return besides(label);
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
        if (isWhatLeaves && LEFT.matcher(figure.label()).find()) {
            return OTHERWISE;
        }
        if (TellingWords.tell(figure.label(), beside)) {
            return besides(figure.label());
        }
        if (TellingWords.tell(figure.label(), phrase)) {
            return IN_PHRASE;
        }
        return figure.dimension() == Dimension.PERCENT && TellingWords.tell(figure.label(), clause) ? IN_CLAUSE : 0;
    }

    private double besides(String label) {
        return BESIDE + (!justBefore.isEmpty() && label.contains(justBefore) ? JUST_BEFORE : 0);
    }
}
