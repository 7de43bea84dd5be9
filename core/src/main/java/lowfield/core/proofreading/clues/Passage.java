package lowfield.core.proofreading.clues;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mention;

/**
 * A figure with what stands around it.
 *
 * @param mentions where its sentence names parts
 * @param figures all of its sentence
 */
record Passage(
        String text,
        WrittenFigure figure,
        Stretch sentence,
        Stretch clause,
        List<Mention> mentions,
        List<WrittenFigure> figures) {
    private static final int BEFORE = 22;
    private static final int BEHIND = 18;
    private static final Pattern PART = Pattern.compile(",(?!\\d)|[(;]| and | but | where ");

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

    /** What stands between a name and the figure, as far as its clause holds it; the clause up to the figure without one. */
    String sinceLast(Optional<Mention> named) {
        var from = named.map(Mention::end).orElse(0);
        return text.substring(Math.min(Math.max(clause.start(), from), figure.start()), figure.start())
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

    /** What stands right around the figure, as far as no comma parts it. */
    String beside() {
        var phrase = phraseBounds();
        var from = figures.stream()
                .filter(f -> f.end() <= figure.start() && f.dimension() != Dimension.COUNT)
                .mapToInt(WrittenFigure::end)
                .reduce(Math.max(phrase[0], figure.start() - BEFORE), Math::max);
        var to = figures.stream()
                .filter(f -> f.start() >= figure.end())
                .mapToInt(WrittenFigure::start)
                .reduce(Math.min(phrase[1], figure.end() + BEHIND), Math::min);
        return text.substring(from, to).toLowerCase(Locale.ROOT);
    }

    /** From the comma or "and" before the figure to the one behind it. */
    String phrase() {
        var bounds = phraseBounds();
        return text.substring(bounds[0], bounds[1]).toLowerCase(Locale.ROOT);
    }

    String phraseBefore() {
        return text.substring(phraseBounds()[0], figure.start()).toLowerCase(Locale.ROOT);
    }

    boolean isInPhrase(Mention mention) {
        var bounds = phraseBounds();
        return mention.start() >= bounds[0] && mention.start() < bounds[1];
    }

    private int[] phraseBounds() {
        var from = clause.start();
        var cut = PART.matcher(text).region(clause.start(), Math.max(clause.start(), figure.start()));
        while (cut.find()) {
            from = cut.end();
        }
        from = figures.stream()
                .filter(f -> f.end() <= figure.start() && f.dimension() == figure.dimension())
                .mapToInt(WrittenFigure::end)
                .reduce(from, Math::max);
        var behind = PART.matcher(text).region(figure.end(), Math.max(clause.end(), figure.end()));
        var to = figures.stream()
                .filter(f -> f.start() >= figure.end())
                .mapToInt(WrittenFigure::start)
                .reduce(behind.find() ? behind.start() : Math.max(clause.end(), figure.end()), Math::min);
        return new int[] {from, to};
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
