package lowfield.core.proofreading.clues;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.TellingWords;

/** What the words around a figure tell of which figure it is: right beside it, in its phrase, in its clause. */
final class Telling {

    /** "750 W leave room": that is not the room. */
    private static final Pattern LEAVES =
            Pattern.compile("^ (?:leaves?|keeps?|gives?|would (?:leave|keep|give))(?![\\p{L}])");

    private static final Pattern LEFT = Pattern.compile("^(?:headroom|room |what is left)");

    /** "A peak of 412 W": told as plainly as can be. */
    private static final Pattern OF = Pattern.compile("([\\p{L}]+) of (?:about |up to |only )?$");

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

    /** How plainly the words tell of a figure. */
    String of(KnownFigure figure) {
        return figure.dimension() == Dimension.COUNT ? "counted" : told(figure.label());
    }

    private String told(String label) {
        if (TellingWords.tell(label, beside)) {
            return besides(label);
        }
        Predicate<String> isOther = l -> !l.equals(label);
        var isOtherBeside = toldBeside.stream().anyMatch(isOther);
        if (TellingWords.tell(label, phrase)) {
            return isOtherBeside ? "in the phrase of another" : "in its phrase";
        }
        if (isOtherBeside || toldInPhrase.stream().anyMatch(isOther)) {
            return "otherwise";
        }
        if (TellingWords.tell(label, clause)) {
            return "in its clause";
        }
        return TellingWords.isSeldomMeant(label) ? "not, as it should be" : "not";
    }

    /** The same for a figure of the whole build. */
    String ofBuild(KnownFigure figure) {
        if (isWhatLeaves && LEFT.matcher(figure.label()).find()) {
            return "otherwise";
        }
        if (TellingWords.tell(figure.label(), beside)) {
            return besides(figure.label());
        }
        if (TellingWords.tell(figure.label(), phrase)) {
            return "in its phrase";
        }
        return TellingWords.tell(figure.label(), clause) ? "in its clause" : "not";
    }

    private String besides(String label) {
        return !justBefore.isEmpty() && label.contains(justBefore) ? "just before" : "beside";
    }
}
