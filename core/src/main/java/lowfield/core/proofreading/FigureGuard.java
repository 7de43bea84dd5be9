package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.FigureFinder;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.reason.ReasonBasis;

/**
 * Holds a text against the data of the parts it is about, as a proof-reader would. Names are found first, since they can hold
 * numbers; then each figure is taken for what is named nearest, and is a slip where none of the figures that it can mean is so.
 * What is about something else, or has no figure on file, is let stand.
 */
public final class FigureGuard {
    private final ProofContext context;
    private final Mentions mentions;
    private final FigureFinder figures;
    private final Topic topic;
    private final Aside aside;
    private final Expected expected;
    private final RelationGuard relations;
    private final NameGuard names;
    private final ClaimReader claimReader;

    public FigureGuard(ProofContext context) {
        this.context = context;
        mentions = new Mentions(context);
        figures = FigureFinder.of(context.locale(), context.currency());
        topic = new Topic(context);
        aside = new Aside(context);
        expected = new Expected(context);
        relations = new RelationGuard(context);
        names = new NameGuard(context);
        claimReader = new ClaimReader(context);
    }

    /** The slips of a text, in its order. */
    public List<Slip> slips(String text) {
        return read(text).slips();
    }

    /** Everything that the text says otherwise than the data, and what it says rightly. */
    public Reading read(String text) {
        if (context.subjects().isEmpty()) {
            return Reading.nothing();
        }
        var stated = TextMask.of(text);
        var named = mentions.in(stated);
        var bare = TextMask.without(stated, named);
        var slips = new ArrayList<Slip>(names.slips(stated, named));
        var claims = new ArrayList<>(claimReader.prices(stated, named));
        var before = LastNamed.none();
        var found = figures.in(bare);
        for (var sentence : Stretch.sentences(bare)) {
            for (var clause : sentence.clauses(bare)) {
                for (var figure : found) {
                    if (clause.holds(figure.start())) {
                        hold(new Passage(bare, figure, sentence, clause, named), before, slips, claims);
                    }
                }
                slips.addAll(relations.slips(stated, clause, named));
            }
            before = before.after(sentence, bare, named);
        }
        return new Reading(
                slips.stream()
                        .sorted(Comparator.comparingInt(Slip::start))
                        .map(s -> s.in(text))
                        .toList(),
                claims);
    }

    private void hold(Passage passage, LastNamed before, List<Slip> slips, List<ReasonBasis.Claim> claims) {
        if (aside.isBeside(passage)) {
            return;
        }
        var figure = passage.figure();
        var about = topic.of(passage, before);
        var expected = this.expected.of(passage, about);
        var alsoMeant = Stream.concat(topic.inPassing(passage).stream(), topic.unnamed(passage, before).stream())
                .distinct()
                .toList();
        var right = Stream.concat(expected.stream(), this.expected.of(passage, alsoMeant).stream())
                .filter(f -> figure.holds(f.value()))
                .findFirst();
        if (right.isPresent()) {
            claims.add(ClaimReader.right(passage, right.get()));
        } else if (isKnown(about, figure) && Expected.isNear(passage, expected) && !isOfAnotherSlot(passage)) {
            Expected.likeliest(passage, expected).map(f -> told(passage, f)).ifPresent(slips::add);
        }
    }

    /** "Harmless for 650 W": what another slot has, where nothing of this one is named. */
    private boolean isOfAnotherSlot(Passage passage) {
        return passage.inClause().stream().noneMatch(m -> m.sort() == Mention.Sort.NAME)
                && context.subjects().stream()
                        .filter(s -> s.role() == Subject.Role.ELSEWHERE)
                        .flatMap(s -> s.figures().stream())
                        .anyMatch(f -> f.dimension() == passage.figure().dimension()
                                && f.label().equals("rated power")
                                && passage.figure().holds(f.value()));
    }

    private static boolean isKnown(List<Subject> about, WrittenFigure figure) {
        return figure.dimension() == Dimension.PERCENT
                || about.stream()
                        .flatMap(s -> s.figures().stream())
                        .anyMatch(f -> f.dimension() == figure.dimension()
                                && (f.dimension() != Dimension.COUNT || CountNouns.names(f.label(), figure.noun())));
    }

    private static Slip told(Passage passage, KnownFigure right) {
        var figure = passage.figure();
        return new Slip(
                figure.start(),
                figure.end(),
                figure.text(),
                right.label(),
                Optional.of(right.said()),
                right.fact(),
                figure.dimension() == Dimension.COUNT
                        ? "%s: the data says %s.".formatted(figure.text(), right.said())
                        : "%s: the %s is %s.".formatted(figure.text(), right.label(), right.said()));
    }
}
