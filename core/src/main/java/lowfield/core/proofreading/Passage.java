package lowfield.core.proofreading;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;

/** A figure with what stands around it: its sentence, its clause, and the parts that are named there. */
record Passage(String text, WrittenFigure figure, Stretch sentence, Stretch clause, List<Mention> mentions) {
    /** The clause up to the figure, in small letters. */
    String before() {
        return text.substring(clause.start(), Math.max(clause.start(), figure.start()))
                .toLowerCase(Locale.ROOT);
    }

    /** The sentence up to the figure, in small letters. */
    String sentenceBefore() {
        return text.substring(sentence.start(), Math.max(sentence.start(), figure.start()))
                .toLowerCase(Locale.ROOT);
    }

    /** The sentence behind the figure, in small letters. */
    String after() {
        return text.substring(figure.end(), Math.max(sentence.end(), figure.end()))
                .toLowerCase(Locale.ROOT);
    }

    String clauseWords() {
        return clause.of(text).toLowerCase(Locale.ROOT);
    }

    String sentenceWords() {
        return sentence.of(text).toLowerCase(Locale.ROOT);
    }

    List<Mention> inSentence() {
        return mentions.stream().filter(m -> sentence.holds(m.start())).toList();
    }

    List<Mention> inClause() {
        return mentions.stream().filter(m -> clause.holds(m.start())).toList();
    }

    /** The nearest name before the figure. */
    Optional<Mention> lastBefore(List<Mention> among) {
        return among.stream()
                .filter(m -> m.end() <= figure.start() && isStrong(m))
                .reduce((a, b) -> b);
    }

    Optional<Mention> firstAfter(List<Mention> among) {
        return among.stream()
                .filter(m -> m.start() >= figure.end() && isStrong(m))
                .findFirst();
    }

    static boolean isStrong(Mention mention) {
        return mention.sort() != Mention.Sort.ANY_OF_KIND;
    }
}
