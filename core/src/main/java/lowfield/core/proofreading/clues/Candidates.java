package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.PartFigures;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.UnitWords;
import lowfield.core.proofreading.mentions.Mention;

/**
 * Everything in the data that a figure may mean, with what is seen around it: of the part it would be about, of the words that
 * tell what of that part, and of whether the text speaks of a state, a difference, the past or the whole build.
 */
final class Candidates {
    private static final Pattern BUILD = Pattern.compile(
            "(?<![\\p{L}])(?:the (?:whole |entire )?(?:build|machine|total|sum|tier|budget)|the whole|everything(?! else| that)|all of it|altogether)(?![\\p{L}])");
    /** How much room is left, not how much there is. */
    private static final Pattern LEFT_OVER = Pattern.compile(
            "(?<![\\p{L}])(?:of air|in front|left(?! for)|to spare|to leave|remains?|(?:is|are|stays?) free)(?![\\p{L}])");

    private static final Pattern ARTICLE = Pattern.compile("^(?:the|its) ");
    private static final Pattern NAMES = Pattern.compile(" (?:against|(?:of|from|to) (?=\\p{Lu})).*");

    private final ProofContext context;

    Candidates(ProofContext context) {
        this.context = context;
    }

    List<Candidate> of(Passage passage, Words words, Map<Subject, Link> links, SubjectClues who) {
        var telling = new Telling(passage, labels(passage, links));
        var here = new Here(
                passage, words, telling, who, context.choice().map(c -> c.part().kind()));
        var all = new ArrayList<Candidate>();
        links.forEach((subject, link) -> {
            var ours = context.choice().orElse(subject);
            last(passage, subject)
                    .forEach(f -> all.add(here.weighable(f, Optional.empty(), ours, links.getOrDefault(ours, link))));
            var owner = Optional.of(subject).filter(s -> s.role() != Subject.Role.CHOICE);
            plain(passage, subject, link).forEach(f -> all.add(here.weighable(f, owner, subject, link)));
            differences(passage, subject).forEach(f -> all.add(here.weighable(f, Optional.empty(), subject, link)));
        });
        matching(passage, context.build()).forEach(f -> all.add(here.ofBuild(f, calledBuild(passage))));
        return all;
    }

    /**
     * Where a figure stands, for all that it may mean.
     *
     * @param ours of which kind the choice is; absent where there is none
     */
    private record Here(Passage passage, Words words, Telling telling, SubjectClues who, Optional<Kind> ours) {
        Candidate weighable(KnownFigure figure, Optional<Subject> owner, Subject of, Link link) {
            var use = figure.use();
            var name = UseClues.name(use);
            var told = telling.of(figure);
            var label = bare(figure.label());
            var clues = new ArrayList<>(List.of(
                    "told " + told,
                    name + " told " + told,
                    name + " " + label,
                    "label " + label,
                    name + " " + link + " told " + told,
                    "label " + label + " " + of.role()));
            clues.addAll(UseClues.of(use, figure.dimension(), words));
            clues.addAll(who.of(of, link, use));
            if (owner.isPresent()
                    && ours.filter(kind -> PartFigures.speaksOf(kind, label)).isPresent()) {
                clues.add(of.role() + " speaks of the choice");
                clues.add(of.role() + " speaks of the choice, told " + told);
            }
            return Candidate.alone(figure, owner, clues);
        }

        Candidate ofBuild(KnownFigure figure, String called) {
            var clues = new ArrayList<>(List.of(
                    "build told " + telling.ofBuild(figure), "build " + bare(figure.label()), "build " + called));
            clues.addAll(UseClues.of(KnownFigure.Use.BUILD, figure.dimension(), words));
            return Candidate.alone(figure, Optional.empty(), clues);
        }

        /** Without the names in it, which are of one guide. */
        private static String bare(String label) {
            return NAMES.matcher(ARTICLE.matcher(label).replaceFirst("")).replaceFirst("");
        }
    }

    /** How the text calls the whole build before the figure: "Mate costs" is of Mate's build. */
    private static String calledBuild(Passage passage) {
        var isLeftOver = passage.figure().dimension() == Dimension.LENGTH
                && LEFT_OVER.matcher(passage.phrase()).find();
        if (isLeftOver || BUILD.matcher(passage.before()).find()) {
            return "named";
        }
        return passage.lastBefore(passage.inClause())
                .filter(m -> m.sort() == Mention.Sort.TIER
                        && m.subjects().stream().anyMatch(s -> s.role() == Subject.Role.CHOICE))
                .map(m -> Standing.isOblique(passage.text(), passage.clause().start(), m)
                        ? "tier named aside"
                        : "tier named")
                .orElse("not named");
    }

    /** What was so last time: of the same part only its price can have been another. */
    private Stream<KnownFigure> last(Passage passage, Subject subject) {
        if (subject.role() != Subject.Role.LAST) {
            return Stream.empty();
        }
        return matching(passage, subject.figures()).stream()
                .filter(f -> f.dimension() == Dimension.MONEY || !isOfLastTime(subject))
                .map(Candidates::before);
    }

    /** What a part has; what the choice has as well is not meant of another slot unless that is named. */
    private Stream<KnownFigure> plain(Passage passage, Subject subject, Link link) {
        var isHere = subject.role() != Subject.Role.ELSEWHERE || link.isSpokenOf();
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
    private static List<String> labels(Passage passage, Map<Subject, Link> links) {
        return links.entrySet().stream()
                .filter(e -> e.getValue().isSpokenOf())
                .flatMap(e -> matching(passage, e.getKey().figures()).stream())
                .map(KnownFigure::label)
                .distinct()
                .toList();
    }

    /** Between the choice and another part of the slot. */
    private List<KnownFigure> differences(Passage passage, Subject other) {
        if (other.role() == Subject.Role.CHOICE || !context.ofSlot().contains(other)) {
            return List.of();
        }
        var theirs = matching(passage, other.figures());
        return context.choice().stream()
                .flatMap(c -> matching(passage, c.figures()).stream())
                .flatMap(m -> differences(m, other, theirs))
                .toList();
    }

    private Stream<KnownFigure> differences(KnownFigure mine, Subject other, List<KnownFigure> theirs) {
        return theirs.stream()
                .filter(f -> f.label().equals(mine.label()))
                .filter(f -> f.value().compareTo(mine.value()) != 0)
                .map(f -> difference(mine, f, other));
    }

    private boolean isOfLastTime(Subject other) {
        return other.role() == Subject.Role.LAST
                && context.choice()
                        .filter(c -> c.part().id().equals(other.part().id()))
                        .isPresent();
    }

    private KnownFigure difference(KnownFigure mine, KnownFigure other, Subject of) {
        var by = mine.value().subtract(other.value()).abs();
        var said = mine.dimension() == Dimension.MONEY
                ? new Money(by.longValueExact(), context.currency()).toString()
                : UnitWords.saidLike(mine.said(), by, mine.dimension());
        return new KnownFigure(
                mine.dimension(),
                by,
                mine.label() + " against " + (isOfLastTime(of) ? "the last edition" : of.name()),
                said,
                KnownFigure.Use.DIFFERENCE,
                Optional.empty());
    }
}
