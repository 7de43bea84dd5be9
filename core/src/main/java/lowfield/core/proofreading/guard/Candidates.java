package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.UnitWords;

/**
 * Everything in the data that a figure may mean, weighed: by the part it would be about, by the words that tell what of that
 * part, and by whether the text speaks of a state, a difference, the past or the whole build.
 */
final class Candidates {
    /** The build and the last edition are there in any text. */
    private static final double UNSAID = 1.5;

    private static final double NAMED = 2.5;
    private static final double OF_THE_BUILD = 1;
    private static final double BUILD_NAMED = 3;
    private static final double COMPARED = 2.25;
    private static final double ONLY_COMPARED = 0.8;
    private static final double UNNAMED_OTHER = -0.5;
    private static final double GONE_AND_UNNAMED = -2;

    private static final Pattern BUILD = Pattern.compile(
            "(?<![\\p{L}])(?:the (?:whole |entire )?(?:build|machine|total|sum|tier|budget)|the whole|everything(?! else| that)|all of it|altogether)(?![\\p{L}])");
    /** How much room is left, not how much there is. */
    private static final Pattern LEFT_OVER = Pattern.compile(
            "(?<![\\p{L}])(?:of air|in front|left(?! for)|to spare|to leave|remains?|(?:is|are|stays?) free)(?![\\p{L}])");

    private final ProofContext context;

    Candidates(ProofContext context) {
        this.context = context;
    }

    /** @param meant whom the figure is about, by how much speaks for it */
    List<Candidate> of(Passage passage, Map<Subject, Double> meant) {
        var manner = Manner.of(passage);
        var telling = new Telling(passage, labels(passage, meant));
        var all = new ArrayList<Candidate>();
        meant.forEach((subject, who) -> {
            if (subject.role() == Subject.Role.LAST) {
                last(passage, subject)
                        .forEach(f -> all.add(weighed(
                                telling,
                                f,
                                Optional.empty(),
                                context.choice().map(meant::get).orElse(who),
                                manner.past())));
            }
            var owner = Optional.of(subject).filter(s -> s.role() != Subject.Role.CHOICE);
            plain(passage, subject, who)
                    .forEach(f -> all.add(weighed(telling, f, owner, who, plainly(subject, who, manner))));
        });
        differences(passage, meant)
                .forEach(d -> all.add(weighed(telling, d.figure(), Optional.empty(), d.who(), manner.more())));
        var build = isOfBuild(passage) ? BUILD_NAMED : OF_THE_BUILD;
        matching(passage, context.build())
                .forEach(f -> all.add(new Candidate(f, Optional.empty(), UNSAID, build + telling.ofBuild(f))));
        return all;
    }

    private static Candidate weighed(
            Telling telling, KnownFigure figure, Optional<Subject> owner, double who, double use) {
        return new Candidate(figure, owner, who, who + use + telling.of(figure));
    }

    /** How likely it is that a figure simply is so: of what stood there last time, only where it is named. */
    private static double plainly(Subject subject, double who, Manner manner) {
        return subject.role() == Subject.Role.LAST ? who > 2 ? 0 : GONE_AND_UNNAMED : -manner.againstPlain();
    }

    private static boolean isOfBuild(Passage passage) {
        var isLeftOver = passage.figure().dimension() == Dimension.LENGTH
                && LEFT_OVER.matcher(passage.phrase()).find();
        return isLeftOver || BUILD.matcher(passage.before()).find();
    }

    /** What was so last time: of the same part only its price can have been another. */
    private Stream<KnownFigure> last(Passage passage, Subject subject) {
        var isChoice = context.choice()
                .filter(c -> c.part().id().equals(subject.part().id()))
                .isPresent();
        return matching(passage, subject.figures()).stream()
                .filter(f -> f.dimension() == Dimension.MONEY || !isChoice)
                .map(Candidates::before);
    }

    /** What a part has; what the choice has as well is not meant of another slot unless that is named. */
    private Stream<KnownFigure> plain(Passage passage, Subject subject, double who) {
        var isHere = subject.role() != Subject.Role.ELSEWHERE || Candidate.isSpokenOf(who);
        return matching(passage, subject.figures()).stream().filter(f -> isHere || !isOfTheChoice(f));
    }

    private boolean isOfTheChoice(KnownFigure figure) {
        return context.choice()
                .filter(c -> c.figures().stream().anyMatch(f -> f.label().equals(figure.label())))
                .isPresent();
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

    /** What of the parts that are spoken of a figure of this dimension can be. */
    private static List<String> labels(Passage passage, Map<Subject, Double> meant) {
        return meant.entrySet().stream()
                .filter(e -> Candidate.isSpokenOf(e.getValue()))
                .flatMap(e -> matching(passage, e.getKey().figures()).stream())
                .map(KnownFigure::label)
                .distinct()
                .toList();
    }

    /** Between the choice and every other part of the slot, with how much speaks for that one. */
    private List<Candidate> differences(Passage passage, Map<Subject, Double> meant) {
        var mine = context.choice().map(c -> matching(passage, c.figures())).orElse(List.of());
        var named = passage.inSentence().stream()
                .flatMap(m -> m.subjects().stream())
                .toList();
        return context.ofSlot().stream()
                .filter(o -> o.role() != Subject.Role.CHOICE)
                .flatMap(o -> {
                    var who = compared(passage, o, meant.getOrDefault(o, 0.0), named.contains(o));
                    return mine.stream()
                            .flatMap(m -> differences(m, o, matching(passage, o.figures())))
                            .map(f -> new Candidate(f, Optional.empty(), who, who));
                })
                .toList();
    }

    private Stream<KnownFigure> differences(KnownFigure mine, Subject other, List<KnownFigure> theirs) {
        return theirs.stream()
                .filter(f -> f.label().equals(mine.label()))
                .filter(f -> f.value().compareTo(mine.value()) != 0)
                .map(f -> difference(mine, f, other));
    }

    /** What is only compared with counts like what is spoken of, where it is compared. */
    private static double compared(Passage passage, Subject other, double who, boolean isNamed) {
        if (other.role() == Subject.Role.LAST) {
            return Math.max(who, Manner.isOfThePast(passage) ? NAMED : UNSAID);
        }
        return Math.max(who < ONLY_COMPARED ? UNNAMED_OTHER : Math.max(COMPARED, who), isNamed ? NAMED : UNNAMED_OTHER);
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
