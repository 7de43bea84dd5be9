package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.FigureFinder;
import lowfield.core.proofreading.figures.Span;

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

    public FigureGuard(ProofContext context) {
        this.context = context;
        mentions = new Mentions(context);
        figures = FigureFinder.of(context.locale(), context.currency());
        topic = new Topic(context);
        aside = new Aside(context);
        expected = new Expected(context);
        relations = new RelationGuard(context);
    }

    /** The slips of a text, in its order. */
    public List<Slip> slips(String text) {
        if (context.choice().isEmpty()) {
            return List.of();
        }
        var stated = TextMask.of(text);
        var named = mentions.in(stated);
        var bare = TextMask.without(stated, named);
        var slips = new ArrayList<Slip>();
        var before = LastNamed.none();
        var found = figures.in(bare);
        for (var sentence : Span.sentences(bare)) {
            for (var clause : sentence.clauses(bare)) {
                for (var figure : found) {
                    if (clause.holds(figure.start())) {
                        slip(new Passage(bare, figure, sentence, clause, named), before)
                                .ifPresent(slips::add);
                    }
                }
                slips.addAll(relations.slips(bare, clause, named));
            }
            before = before.after(sentence, bare, named);
        }
        return slips.stream()
                .sorted(Comparator.comparingInt(Slip::start))
                .map(s -> s.in(text))
                .toList();
    }

    private Optional<Slip> slip(Passage passage, LastNamed before) {
        if (aside.isBeside(passage)) {
            return Optional.empty();
        }
        var figure = passage.figure();
        var about = topic.of(passage, before);
        var right = expected.of(passage, about);
        var isRight = right.stream().anyMatch(f -> figure.holds(f.value()));
        var isKnown = about.stream()
                .flatMap(s -> s.figures().stream())
                .anyMatch(f -> f.dimension() == figure.dimension()
                        && (f.dimension() != Dimension.COUNT || CountNouns.names(f.label(), figure.noun())));
        if (isRight || !isKnown && figure.dimension() != Dimension.PERCENT || isSaidInPassing(passage)) {
            return Optional.empty();
        }
        return Expected.likeliest(passage, right).map(f -> told(passage, f));
    }

    private boolean isSaidInPassing(Passage passage) {
        return expected.of(passage, topic.inPassing(passage)).stream()
                .anyMatch(f -> passage.figure().holds(f.value()));
    }

    private static Slip told(Passage passage, KnownFigure right) {
        var figure = passage.figure();
        return new Slip(
                figure.start(),
                figure.end(),
                figure.text(),
                Optional.of(right.said()),
                right.fact(),
                "%s: the %s is %s.".formatted(figure.text(), right.label(), right.said()));
    }
}
