package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Reading;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.FigureFinder;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.reason.ReasonBasis;

/**
 * Holds a text against the data of the parts it is about, as a proof-reader would. Names are found first, since they can hold
 * numbers; then what each figure can mean is weighed, and it is a slip where nothing that it can well mean is so. What is about
 * something else, or has no figure on file, is let stand.
 */
public final class FigureGuard {
    private static final Pattern ARTICLE = Pattern.compile("^(?:the|its|what) ");
    /** By how much what a figure says may be less likely meant than something else. */
    private static final double SLACK = 1.4;

    /** From here on a figure is said of a part so plainly that it is no difference. */
    private static final double PLAINLY_SAID = 5;

    private static final double SLACK_OF_DIFFERENCES = 3;

    private static final double ENOUGH = 2.5;
    /** How much must speak for what should be, that a slip is sure. */
    private static final double SURE = 3.5;

    /** The same where what is written is so of another. */
    private static final double SURE_OF_ANOTHER = 4.5;

    private final ProofContext context;
    private final Mentions mentions;
    private final FigureFinder figures;
    private final Topic topic;
    private final Aside aside;
    private final Candidates candidates;
    private final RelationGuard relations;
    private final NameGuard names;
    private final ClaimReader claimReader;

    public FigureGuard(ProofContext context) {
        this.context = context;
        mentions = new Mentions(context);
        figures = FigureFinder.of(context.locale(), context.currency());
        topic = new Topic(context);
        aside = new Aside(context);
        candidates = new Candidates(context);
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
        var before = Spoken.ofNothing();
        var found = figures.in(bare);
        for (var sentence : Stretch.sentences(bare)) {
            var here = named.stream().filter(m -> sentence.holds(m.start())).toList();
            var figuresHere =
                    found.stream().filter(f -> sentence.holds(f.start())).toList();
            for (var clause : sentence.clauses(bare)) {
                for (var figure : figuresHere) {
                    if (clause.holds(figure.start())) {
                        hold(new Passage(bare, figure, sentence, clause, here, figuresHere), before, slips, claims);
                    }
                }
                slips.addAll(relations.slips(stated, clause, here));
            }
            before = before.after(sentence, bare, here, topic);
        }
        return new Reading(
                slips.stream()
                        .sorted(Comparator.comparingInt(Slip::start))
                        .map(s -> s.in(text))
                        .toList(),
                claims);
    }

    /**
     * A figure is right where it says something that it can well mean; it is a slip where more speaks for its being about the
     * data than against it, and something that it can mean is near.
     */
    private void hold(Passage passage, Spoken spoken, List<Slip> slips, List<ReasonBasis.Claim> claims) {
        var figure = passage.figure();
        var meant = candidates.of(passage, topic.of(passage, spoken));
        var best = meant.stream().mapToDouble(Candidate::weight).max();
        if (best.isEmpty()) {
            return;
        }
        var right = meant.stream()
                .filter(c -> figure.holds(c.figure().value()))
                .max(Comparator.comparingDouble(Candidate::weight));
        var beside =
                aside.weight(passage) + (right.filter(Candidate::isSpokenOf).isPresent() ? 1 : 0);
        if (right.filter(c -> c.weight() >= best.getAsDouble() - slack(passage, c, best.getAsDouble()))
                .isPresent()) {
            if (beside < right.get().weight()) {
                claims.add(ClaimReader.right(passage, right.get().figure()));
            }
            return;
        }
        var likeliest = meant.stream()
                .filter(Candidate::isSpokenOf)
                .max(Comparator.comparingDouble(c -> c.weight() + nearness(c.figure(), figure)))
                .filter(c -> !figure.holds(c.figure().value()))
                .filter(c -> c.weight() + nearness(c.figure(), figure) - beside >= ENOUGH);
        likeliest
                .map(c -> told(
                        passage,
                        c,
                        isSure(passage, c, right.filter(Candidate::isHintedAt).isPresent(), beside)))
                .ifPresent(slips::add);
    }

    /** A difference from what is spoken of is hardly met by chance. */
    private static double slack(Passage passage, Candidate candidate, double best) {
        return best <= PLAINLY_SAID
                        && candidate.isDifference()
                        && (Manner.of(passage).isPlainlyMore()
                                || candidate.isSpokenOf() && Manner.isOfDifferences(passage))
                ? SLACK_OF_DIFFERENCES
                : SLACK;
    }

    /** A slip of the pen is near what was meant; what is far from it is about something else. */
    private static double nearness(KnownFigure meant, WrittenFigure written) {
        if (written.dimension() == Dimension.COUNT) {
            return written.middle().subtract(meant.value()).abs().doubleValue() <= 3 ? 0.5 : -1;
        }
        var apart = Math.abs(
                Math.log((meant.value().doubleValue() + 1) / (written.middle().doubleValue() + 1)));
        return apart < 0.12 ? 1 : apart < 0.45 ? 0.5 : apart < 0.75 ? -0.25 : apart < 1.5 ? -2 : -4;
    }

    /**
     * Whether nothing else can be meant: nothing in the data is so and much speaks for what should be; or what is so is not
     * that of the part that is named right there.
     */
    private static boolean isSure(Passage passage, Candidate likeliest, boolean isSomethingSo, double beside) {
        if (!isSomethingSo) {
            return likeliest.weight() - beside >= SURE;
        }
        return beside == 0 && likeliest.weight() >= SURE_OF_ANOTHER && passage.isOfNamed();
    }

    private static Slip told(Passage passage, Candidate likeliest, boolean isSure) {
        var figure = passage.figure();
        var right = likeliest.figure();
        return new Slip(
                figure.start(),
                figure.end(),
                figure.text(),
                right.label(),
                Optional.of(right.said()),
                right.fact(),
                sentence(figure, likeliest, isSure),
                isSure);
    }

    private static String sentence(WrittenFigure figure, Candidate likeliest, boolean isSure) {
        var right = likeliest.figure();
        var of = likeliest.owner().map(o -> " of " + o.name()).orElse("");
        var what = figure.dimension() == Dimension.COUNT
                ? "the data" + of + " says " + right.said()
                : "%s%s is %s".formatted(named(right.label()), of, right.said());
        return "%s%s: %s.".formatted(figure.text(), isSure ? "" : " may be wrong", what);
    }

    private static String named(String label) {
        return ARTICLE.matcher(label).find() ? label : "the " + label;
    }
}
