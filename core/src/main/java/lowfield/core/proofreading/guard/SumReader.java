package lowfield.core.proofreading.guard;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.TierSums;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mention;

/**
 * Holds what a text says of totals, bands, changes, ranges and power draw against the builds that it names, or is about. A
 * figure is a slip only where its words say plainly which of these it is and of one build; what is so of any of them is right.
 */
final class SumReader {
    private static final Pattern TOTAL = words(
            "totals?|in total|in all|altogether|all together|comes? to|came to|adds? up to|the whole|costs?|for|at");
    private static final Pattern PLAIN_TOTAL =
            words("totals?|in total|in all|altogether|all together|comes? to|adds? up to|the whole");
    private static final Pattern BAND = words("band|budget|limit|ceiling|price point");
    private static final Pattern LAST = words("last (?:month|edition|time)|since|was|were|used to|before|from");
    private static final Pattern LEFT = words("left|leaves?|to spare|under (?:the|its) (?:band|budget|limit)|spare");
    private static final Pattern OVER = words("over (?:the|its) (?:band|budget|limit)");
    private static final Pattern CHANGE =
            words("more|less|dearer|cheaper|up|down|rose|rises|fell|falls|saves?|saving|lower|higher|dropped");
    private static final Pattern ALL = words("all|every|tiers|builds|guide|range|ranges|any");
    private static final Pattern PEAK = words("peak|draws?|power draw");
    private static final Pattern FROM_TO = Pattern.compile("(?i)(?:from|between) $");

    private static final Pattern RANGE = Pattern.compile("\\d\\D* ?(?:to|and|–|-) ?\\D*\\d");
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final ProofContext context;

    SumReader(ProofContext context) {
        this.context = context;
    }

    private static Pattern words(String any) {
        return Pattern.compile("(?i)(?<![\\p{L}])(?:" + any + ")(?![\\p{L}])");
    }

    /** A figure that is told from the sums: so, or a slip. */
    record Held(WrittenFigure figure, Optional<Slip> slip) {}

    /** What a figure can be of a build, and the words that say so. */
    private record Sense(String label, Pattern words, Function<TierSums, Optional<Money>> value) {}

    private static final List<Sense> SENSES = List.of(
            new Sense("amount left in the band", LEFT, TierSums::left),
            new Sense("amount over the band", OVER, TierSums::over),
            new Sense("change since the last edition", CHANGE, TierSums::change),
            new Sense("total", TOTAL, TierSums::total));

    /** What of a text is about sums; the rest of its figures is about something else. */
    List<Held> read(String text, List<WrittenFigure> figures, List<Mention> named) {
        if (context.sums().isEmpty() || !context.locale().getLanguage().equals(Locale.ENGLISH.getLanguage())) {
            return List.of();
        }
        var held = new ArrayList<Held>();
        for (var sentence : Stretch.sentences(text)) {
            var here = figures.stream().filter(f -> sentence.holds(f.start())).toList();
            held.addAll(range(text, sentence, here));
            for (var figure : here) {
                if (held.stream().noneMatch(h -> h.figure().start() == figure.start())) {
                    one(text, sentence, figure, named).ifPresent(held::add);
                }
            }
        }
        return held;
    }

    private List<TierSums> named(String text, Stretch in) {
        var words = in.of(text);
        return context.sums().stream()
                .filter(s -> Pattern.compile("(?<![\\p{L}\\d])" + Pattern.quote(s.name()) + "(?:['’]s)?(?![\\p{L}\\d])")
                        .matcher(words)
                        .find())
                .toList();
    }

    /** The builds that a figure may be about: those named in its clause, else in its sentence, else the text's own. */
    private List<TierSums> about(String text, Stretch sentence, Stretch clause) {
        var inClause = named(text, clause);
        if (!inClause.isEmpty()) {
            return inClause;
        }
        var inSentence = named(text, sentence);
        return inSentence.isEmpty()
                ? context.sums().stream().filter(TierSums::isOwn).toList()
                : inSentence;
    }

    private Optional<Held> one(String text, Stretch sentence, WrittenFigure figure, List<Mention> named) {
        var clause = sentence.clauses(text).stream()
                .filter(c -> c.holds(figure.start()))
                .findFirst()
                .orElse(sentence);
        var about = about(text, sentence, clause);
        if (figure.dimension() == Dimension.MONEY
                && RANGE.matcher(figure.text()).find()) {
            return ends(figure, about.isEmpty() ? context.sums() : about);
        }
        if (about.isEmpty()) {
            return Optional.empty();
        }
        var words = clause.of(text);
        if (figure.dimension() == Dimension.POWER) {
            return PEAK.matcher(words).find() && isFree(clause, named) ? peak(figure, about) : Optional.empty();
        }
        if (figure.dimension() != Dimension.MONEY) {
            return Optional.empty();
        }
        if (isSo(figure, about)) {
            return Optional.of(new Held(figure, Optional.empty()));
        }
        return about.size() == 1 && isFree(clause, named)
                ? otherwise(
                        text,
                        clause,
                        figure,
                        about.get(0),
                        !named(text, sentence).isEmpty())
                : Optional.empty();
    }

    /** "1,050 to 1,300 EUR": right where both ends are sums, a slip where one is, about something else where none is. */
    private static Optional<Held> ends(WrittenFigure figure, List<TierSums> about) {
        var sums = about.stream()
                .flatMap(s -> values(s, about))
                .map(v -> BigDecimal.valueOf(v.minor()))
                .toList();
        var isFirst = sums.stream().anyMatch(v -> isNear(v, figure.least()));
        var isLast = sums.stream().anyMatch(v -> isNear(v, figure.most()));
        if (!isFirst && !isLast) {
            return Optional.empty();
        }
        return Optional.of(new Held(
                figure,
                Optional.of(new Slip(
                                figure.start(),
                                figure.end(),
                                figure.text(),
                                "range of sums",
                                Optional.empty(),
                                Optional.empty(),
                                "%s: %s figure matches no total or band."
                                        .formatted(figure.text(), isFirst ? "second" : "first"),
                                false))
                        .filter(s -> !isFirst || !isLast)));
    }

    /** Ends are written to the unit. */
    private static boolean isNear(BigDecimal value, BigDecimal end) {
        return value.subtract(end).abs().compareTo(HUNDRED) <= 0;
    }

    /** Whether the clause names no part, which its figures could be about. */
    private static boolean isFree(Stretch clause, List<Mention> named) {
        return named.stream().noneMatch(m -> m.sort() != Mention.Sort.TIER && clause.holds(m.start()));
    }

    private boolean isSo(WrittenFigure figure, List<TierSums> about) {
        return about.stream().flatMap(s -> values(s, about)).anyMatch(v -> figure.holds(BigDecimal.valueOf(v.minor())));
    }

    private static Stream<Money> values(TierSums of, List<TierSums> about) {
        return Stream.of(
                        of.total().stream(),
                        of.last().stream(),
                        of.band().stream(),
                        of.change().stream(),
                        of.left().stream(),
                        of.over().stream(),
                        of.apart().stream(),
                        steps(of, about))
                .flatMap(v -> v);
    }

    /** What a step from one named build to another costs. */
    private static Stream<Money> steps(TierSums from, List<TierSums> about) {
        return about.stream()
                .filter(to -> to != from)
                .flatMap(to -> from.total().stream()
                        .flatMap(a -> to.total().stream()
                                .map(b -> new Money(Math.abs(a.minor() - b.minor()), a.currency()))));
    }

    private Optional<Held> otherwise(String text, Stretch clause, WrittenFigure figure, TierSums of, boolean isNamed) {
        var words = clause.of(text);
        if (BAND.matcher(words).find()
                && !LEFT.matcher(words).find()
                && !OVER.matcher(words).find()) {
            return of.band().isEmpty()
                    ? Optional.empty()
                    : nearest(figure, of.band()).map(b -> told(figure, "band of " + of.name(), b.toString(), true));
        }
        if (LAST.matcher(words).find()
                && !CHANGE.matcher(words).find()
                && !PLAIN_TOTAL.matcher(words).find()) {
            return Optional.empty();
        }
        return SENSES.stream()
                .filter(s -> s.words().matcher(words).find())
                .min(Comparator.comparingInt(s -> distance(s.words(), words, figure, clause)))
                .filter(s -> isNamed || isPlain(s, words))
                .flatMap(s -> s.value()
                        .apply(of)
                        .map(v -> told(
                                figure,
                                s.label() + " of " + of.name(),
                                v.toString(),
                                s.words() != TOTAL || PLAIN_TOTAL.matcher(words).find())));
    }

    /** How many letters part a figure from the nearest of some words. */
    private static int distance(Pattern any, String words, WrittenFigure figure, Stretch clause) {
        return any.matcher(words)
                .results()
                .mapToInt(m -> Math.max(
                        figure.start() - clause.start() - m.end(), m.start() - (figure.end() - clause.start())))
                .min()
                .orElseThrow();
    }

    /** Where no build is named, "for 90 EUR" and "30 EUR more" can be about anything. */
    private static boolean isPlain(Sense sense, String words) {
        return sense.words() == TOTAL
                ? PLAIN_TOTAL.matcher(words).find()
                : sense.words() != CHANGE || LAST.matcher(words).find();
    }

    private static Optional<Money> nearest(WrittenFigure figure, List<Money> among) {
        return among.stream()
                .min(Comparator.comparing(m ->
                        figure.middle().subtract(BigDecimal.valueOf(m.minor())).abs()));
    }

    /** "From 550 to 650 for all": the least and the greatest total. */
    private List<Held> range(String text, Stretch sentence, List<WrittenFigure> figures) {
        var money =
                figures.stream().filter(f -> f.dimension() == Dimension.MONEY).toList();
        var totals = context.sums().stream().flatMap(s -> s.total().stream()).toList();
        if (money.size() != 2
                || totals.size() != context.sums().size()
                || totals.size() < 2
                || !named(text, sentence).isEmpty()
                || !ALL.matcher(sentence.of(text)).find()
                || !FROM_TO.matcher(
                                text.substring(sentence.start(), money.get(0).start()))
                        .find()) {
            return List.of();
        }
        return List.of(
                end(
                        money.get(0),
                        "least total",
                        totals.stream()
                                .min(Comparator.comparingLong(Money::minor))
                                .orElseThrow()),
                end(
                        money.get(1),
                        "greatest total",
                        totals.stream()
                                .max(Comparator.comparingLong(Money::minor))
                                .orElseThrow()));
    }

    private Held end(WrittenFigure figure, String label, Money right) {
        return figure.holds(BigDecimal.valueOf(right.minor()))
                ? new Held(figure, Optional.empty())
                : told(figure, label, right.toString(), true);
    }

    private Optional<Held> peak(WrittenFigure figure, List<TierSums> about) {
        var known = about.stream().flatMap(s -> s.peak().stream()).toList();
        if (known.stream().anyMatch(p -> figure.holds(BigDecimal.valueOf(p)))) {
            return Optional.of(new Held(figure, Optional.empty()));
        }
        return known.size() == 1 && about.size() == 1
                ? Optional.of(told(figure, "sustained peak of " + about.get(0).name(), known.get(0) + " W", true))
                : Optional.empty();
    }

    private static Held told(WrittenFigure figure, String about, String right, boolean isSure) {
        return new Held(
                figure,
                Optional.of(new Slip(
                        figure.start(),
                        figure.end(),
                        figure.text(),
                        about,
                        Optional.of(right),
                        Optional.empty(),
                        "%s%s: the %s is %s.".formatted(figure.text(), isSure ? "" : " may be wrong", about, right),
                        isSure)));
    }
}
