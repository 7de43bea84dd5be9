package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.money.Money;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.FigureWords;
import lowfield.core.proofreading.figures.UnitWords;

/**
 * Everything in the data that a figure may mean, weighed: by the part it would be about, by the words that tell what of that
 * part, and by whether the text speaks of a state, a difference, the past or the whole build.
 */
final class Candidates {
    private static final double SAID_BESIDE = 2.5;
    private static final double SAID_NEAR = 2;
    private static final double SAID_ALSO = 1.5;
    private static final double SAID_IN_CLAUSE = 1;
    private static final double OTHERWISE_SAID = -2;
    /** The build and the last edition are there in any text. */
    private static final double UNSAID = 1.5;
    private static final double OF_THE_BUILD = 1;

    private static final double UNNAMED_OTHER = -0.5;
    private static final double ONLY_COMPARED = 0.8;
    private static final double WITHOUT_WORDS = -1.5;
    private static final double BUILD_NAMED = 3;
    private static final Pattern BUILD =
            Pattern.compile("(?<![\\p{L}])(?:the (?:whole |entire )?(?:build|machine|total|sum|tier|budget)|the whole|everything(?! else| that)|all of it|altogether)(?![\\p{L}])");
    private static final Pattern MORE_OR_LESS = words(
            "give\\sup keep spent step jump more less saves save saved saving cheaper dearer spare extra difference fell fall rose dropped lower higher left gain gains lose loses longer shorter quieter louder faster slower smaller larger bigger buys buy worth win between");
    private static final Pattern GETS = words("get gets have win bring brings");
    /** How much room is left, not how much there is. */
    private static final Pattern LEFT_OVER = Pattern.compile(
            "(?<![\\p{L}])(?:of air|in front|left|to spare|to leave|remains?|(?:is|are|stays?) free)(?![\\p{L}])");
    private static final Pattern MORE_BEHIND = Pattern.compile(
            "^ (?:of (?:memory|cache) )?(?:more|less|cheaper|dearer|longer|shorter|higher|lower|faster|slower|quieter|louder|on top|extra|between|above (?=the •|•)|that it (?:fell|rose|gained|lost))(?![\\p{L}])|^ for (?:that|this)(?![\\p{L}])");
    private static final Pattern MORE_BEFORE = Pattern.compile(
            "(?:(?<![\\p{L}])(?:saves?|saved|saving|by|gains?|loses?|lose|step is|step of|fell|rose|dropped|win) (?:you |about |only |nearly )*|between them (?:are|is) )$");
    /** "For 39 EUR that is cheap": what the step costs. */
    private static final Pattern FOR_THOSE = Pattern.compile("(?<![\\p{L}])for (?:those|these|the) $");
    private static final Pattern PAST = words("last was were former formerly used before from previously ago been edition since");
    private static final Pattern LAST_TIME = Pattern.compile("last (?:month|edition|time): $");
    private static final Pattern PAST_BEFORE =
            Pattern.compile("(?<![\\p{L}])(?:was|(?:fell|down|up|went|rose|came|price)(?: [\\p{L}]+)* from|(?:it|this|that|which|kit|card) cost|formerly|used to cost|instead of|been at|been) $");

    private final ProofContext context;

    Candidates(ProofContext context) {
        this.context = context;
    }

    private static Pattern words(String words) {
        return Pattern.compile("(?<![\\p{L}])(?:" + words.replace(' ', '|') + ")(?![\\p{L}])");
    }

    List<Candidate> of(Passage passage, Map<Subject, Double> meant) {
        var all = new ArrayList<Candidate>();
        var isMore = isMore(passage);
        var was = was(passage);
        var labels = labels(passage, meant);
        meant.forEach((subject, weight) -> {
            if (subject.role() == Subject.Role.LAST) {
                var who = context.choice().map(meant::get).orElse(weight);
                own(passage, subject).stream()
                        .filter(f -> f.dimension() == Dimension.MONEY || !isChoice(subject))
                        .forEach(f -> all.add(weighed(passage, labels, before(f), who, was)));
                own(passage, subject).stream()
                        .filter(f -> Candidate.isSpokenOf(weight) || !isElsewhere(subject) || !isOfTheChoice(f))
                        .forEach(f -> all.add(weighed(passage, labels, f, weight, weight > 2 ? 0 : -2)));
            } else {
                own(passage, subject).stream()
                        .filter(f -> Candidate.isSpokenOf(weight) || !isElsewhere(subject) || !isOfTheChoice(f))
                        .forEach(f -> all.add(weighed(passage, labels, f, weight, -Math.max(0, isMore - 0.5) - Math.max(0, was - 0.5))));
            }
        });
        differences(passage, meant, labels, isMore, all);
        var isLeftOver = passage.figure().dimension() == Dimension.LENGTH
                && LEFT_OVER.matcher(passage.phrase()).find();
        var build = isLeftOver || BUILD.matcher(passage.before()).find() ? BUILD_NAMED : OF_THE_BUILD;
        matching(passage, context.build())
                .forEach(f -> all.add(new Candidate(f, UNSAID, build + ofBuild(passage, f))));
        return all;
    }

    private boolean isChoice(Subject last) {
        return context.choice()
                .filter(c -> c.part().id().equals(last.part().id()))
                .isPresent();
    }

    private static boolean isElsewhere(Subject subject) {
        return subject.role() == Subject.Role.ELSEWHERE;
    }

    /** Whether the choice has such a figure itself, so that another slot's is not meant unless it is named. */
    private boolean isOfTheChoice(KnownFigure figure) {
        return context.choice()
                .filter(c -> c.figures().stream().anyMatch(f -> f.label().equals(figure.label())))
                .isPresent();
    }

    private static List<KnownFigure> own(Passage passage, Subject of) {
        return matching(passage, of.figures());
    }

    private static List<KnownFigure> matching(Passage passage, List<KnownFigure> figures) {
        var written = passage.figure();
        return figures.stream()
                .filter(f -> f.dimension() == written.dimension())
                .filter(f -> f.dimension() != Dimension.COUNT || CountNouns.names(f.label(), written.noun()))
                .toList();
    }

    private static KnownFigure before(KnownFigure figure) {
        return new KnownFigure(
                figure.dimension(),
                figure.value(),
                figure.label(),
                figure.said(),
                KnownFigure.Use.BEFORE,
                Optional.empty());
    }

    private static Candidate weighed(Passage passage, List<String> labels, KnownFigure figure, double who, double use) {
        return new Candidate(figure, who, who + use + said(passage, labels, figure));
    }

    /** What the words around a figure tell of what it is. */
    private static double said(Passage passage, List<String> labels, KnownFigure figure) {
        if (figure.dimension() == Dimension.COUNT) {
            return SAID_NEAR;
        }
        if (FigureWords.tell(figure.label(), passage.beside())) {
            return SAID_BESIDE;
        }
        var isOtherBeside = isSaidOtherwise(labels, figure, passage.beside());
        if (FigureWords.tell(figure.label(), passage.phrase())) {
            return isOtherBeside ? SAID_ALSO : SAID_NEAR;
        }
        if (isOtherBeside || isSaidOtherwise(labels, figure, passage.phrase())) {
            return OTHERWISE_SAID;
        }
        if (FigureWords.tell(figure.label(), passage.clauseWords())) {
            return SAID_IN_CLAUSE;
        }
        return FigureWords.isSeldomMeant(figure.label()) ? WITHOUT_WORDS : 0;
    }

    /** Whether the words tell of another figure of the same dimension. */
    private static boolean isSaidOtherwise(List<String> labels, KnownFigure figure, String words) {
        return labels.stream().anyMatch(l -> !l.equals(figure.label()) && FigureWords.tell(l, words));
    }

    /** What of the parts that are spoken of a figure of this dimension can be. */
    private static List<String> labels(Passage passage, Map<Subject, Double> meant) {
        return meant.entrySet().stream()
                .filter(e -> Candidate.isSpokenOf(e.getValue()))
                .flatMap(e -> own(passage, e.getKey()).stream())
                .map(KnownFigure::label)
                .distinct()
                .toList();
    }

    private static double ofBuild(Passage passage, KnownFigure figure) {
        if (FigureWords.tell(figure.label(), passage.beside())) {
            return SAID_BESIDE;
        }
        if (FigureWords.tell(figure.label(), passage.phrase())) {
            return SAID_NEAR;
        }
        return figure.dimension() == Dimension.PERCENT && FigureWords.tell(figure.label(), passage.clauseWords())
                ? SAID_IN_CLAUSE
                : 0;
    }

    /** Whether a sentence tells by how much one thing is more or less than another. */
    static boolean isOfDifferences(Passage passage) {
        return MORE_OR_LESS.matcher(passage.sentenceWords()).find()
                || GETS.matcher(passage.sentenceWords()).find();
    }

    /** Above zero where a figure is told as what one thing is more or less than another. */
    private static double isMore(Passage passage) {
        if (MORE_BEHIND.matcher(passage.after()).find()
                || MORE_BEFORE.matcher(passage.before()).find()) {
            return 2.5;
        }
        if (FOR_THOSE.matcher(passage.before()).find()) {
            return 0;
        }
        return MORE_OR_LESS.matcher(passage.phrase()).find()
                ? 0.5
                : MORE_OR_LESS.matcher(passage.clauseWords()).find() ? -1 : -2;
    }

    private static double was(Passage passage) {
        if (PAST_BEFORE.matcher(passage.before()).find()) {
            return 2;
        }
        if (LAST_TIME.matcher(passage.sentenceBefore()).find()) {
            return 0;
        }
        return PAST.matcher(passage.phrase()).find() ? 0.5 : PAST.matcher(passage.clauseWords()).find() ? 0 : -2.5;
    }

    private void differences(Passage passage, Map<Subject, Double> meant, List<String> labels, double isMore, List<Candidate> all) {
        var choice = context.choice();
        if (choice.isEmpty()) {
            return;
        }
        var inSentence = passage.inSentence().stream()
                .flatMap(m -> m.subjects().stream())
                .toList();
        for (var other : context.ofSlot()) {
            if (other.role() != Subject.Role.CHOICE) {
                var isLast = other.role() == Subject.Role.LAST;
                var who = isLast
                        ? Math.max(
                                meant.getOrDefault(other, 0.0),
                                PAST.matcher(passage.sentenceWords()).find() ? 2.5 : UNSAID)
                        : Math.max(compared(meant.getOrDefault(other, 0.0)), inSentence.contains(other) ? 2.5 : UNNAMED_OTHER);
                for (var mine : own(passage, choice.get())) {
                    own(passage, other).stream()
                            .filter(f -> f.label().equals(mine.label()))
                            .filter(f -> f.value().compareTo(mine.value()) != 0)
                            .forEach(f -> all.add(weighed(passage, labels, difference(mine, f, other), who, isMore)));
                }
            }
        }
    }

    /** What is only compared with counts like what is spoken of, where it is compared. */
    private static double compared(double who) {
        return who < ONLY_COMPARED ? UNNAMED_OTHER : Math.max(2, who);
    }

    private KnownFigure difference(KnownFigure mine, KnownFigure other, Subject of) {
        var by = mine.value().subtract(other.value()).abs();
        var said = mine.dimension() == Dimension.MONEY
                ? new Money(by.longValueExact(), context.currency()).toString()
                : UnitWords.saidLike(mine.said(), by, mine.dimension());
        return new KnownFigure(
                mine.dimension(),
                by,
                mine.label() + " against " + of.name(),
                said,
                KnownFigure.Use.DIFFERENCE,
                Optional.empty());
    }
}
