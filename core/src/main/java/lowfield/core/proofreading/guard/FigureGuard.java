package lowfield.core.proofreading.guard;

import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Reading;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.TypedFact;
import lowfield.core.proofreading.clues.Candidate;
import lowfield.core.proofreading.clues.ClueReader;
import lowfield.core.proofreading.clues.SeenFigure;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.UnitWords;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mentions;
import lowfield.core.proofreading.mentions.TextMask;
import lowfield.core.reason.ReasonBasis;

/**
 * Holds a text against the data of the parts it is about, as a proof-reader would. Names are found first, since they can hold
 * numbers; then what each figure can mean is weighed, and it is a slip where it most probably means something that is
 * otherwise. What is about something else, or has no figure on file, is let stand.
 */
public final class FigureGuard {
    private static final Pattern ARTICLE = Pattern.compile("^(?:the|its|what) ");
    private final ProofContext context;
    private final Weights weights;
    private final Mentions mentions;
    private final ClueReader figures;
    private final RelationGuard relations;
    private final NameGuard names;
    private final FeatureGuard features;
    private final ClaimReader claimReader;
    private final SumReader sums;

    public FigureGuard(ProofContext context) {
        this(context, Weights.shipped());
    }

    /** With other weights than those that are shipped, to learn better ones. */
    public FigureGuard(ProofContext context, Weights weights) {
        this.context = context;
        this.weights = weights;
        mentions = new Mentions(context);
        figures = new ClueReader(context);
        relations = new RelationGuard(context);
        names = new NameGuard(context);
        features = new FeatureGuard(context);
        claimReader = new ClaimReader(context);
        sums = new SumReader(context);
    }

    /** The slips of a text, in its order. */
    public List<Slip> slips(String text) {
        return read(text).slips();
    }

    /** Everything that the text says otherwise than the data, and what it says rightly. */
    public Reading read(String text) {
        if (context.subjects().isEmpty() && context.sums().isEmpty()) {
            return Reading.nothing();
        }
        return read(text, text.substring(0, end(text)));
    }

    /** Where the first {@value Reading#MOST} figures and names end; a text of no more is read to its own end. */
    private int end(String text) {
        var stated = TextMask.of(text);
        var named = mentions.in(stated);
        var end = named.size() > Reading.MOST ? named.get(Reading.MOST - 1).end() : stated.length();
        return figures.endOf(stated.substring(0, end), Reading.MOST);
    }

    private Reading read(String text, String part) {
        var stated = TextMask.of(part);
        var named = mentions.in(stated);
        var slips = new ArrayList<Slip>(names.slips(stated, named));
        slips.addAll(NameOfSeveral.slips(stated, named));
        var claims = new ArrayList<>(claimReader.prices(stated, named));
        var facts = new ArrayList<TypedFact>();
        var today = new HashMap<String, String>();
        var paragraphs = figures.paragraphs(TextMask.without(stated, named), named);
        var written = paragraphs.stream()
                .flatMap(List::stream)
                .map(SeenFigure::figure)
                .toList();
        var ofSums = sums.read(stated, written, named).stream()
                .filter(h -> h.slip().isEmpty() || !saysSomething(h.figure(), paragraphs))
                .toList();
        ofSums.forEach(h -> h.slip().ifPresent(slips::add));
        var derived = new DerivedFigures(stated, written);
        for (var paragraph : paragraphs) {
            var weighed = ParagraphMeanings.of(weights, paragraph).stream()
                    .filter(f -> ofSums.stream()
                            .noneMatch(h -> h.figure().start() == f.figure().start()))
                    .toList();
            var right = weighed.stream()
                    .filter(f -> f.otherwise().isEmpty())
                    .map(WeighedFigure::figure)
                    .toList();
            weighed.stream()
                    .filter(f -> f.otherwise()
                            .filter(c -> derived.follows(f.figure(), c.figure(), right))
                            .isEmpty())
                    .forEach(figure -> {
                        hold(stated, figure, slips, claims);
                        fact(figure).ifPresent(facts::add);
                    });
            paragraph.stream()
                    .flatMap(f -> f.candidates().stream())
                    .forEach(c -> today.putIfAbsent(c.about(), c.figure().said()));
        }
        for (var sentence : Stretch.sentences(stated)) {
            var here = named.stream().filter(m -> sentence.holds(m.start())).toList();
            slips.addAll(features.slips(stated, sentence, here));
            sentence.clauses(stated).forEach(clause -> slips.addAll(relations.slips(stated, clause, here)));
        }
        return new Reading(
                slips.stream()
                        .sorted(Comparator.comparingInt(Slip::start))
                        .map(s -> s.in(text))
                        .toList(),
                claims,
                today,
                part.length() == text.length(),
                facts);
    }

    /** Whether something in the data is just as a figure says, which is then no wrong sum. */
    private static boolean saysSomething(WrittenFigure figure, List<List<SeenFigure>> paragraphs) {
        return paragraphs.stream()
                .flatMap(List::stream)
                .filter(seen -> seen.figure().start() == figure.start())
                .flatMap(seen -> seen.candidates().stream())
                .anyMatch(c -> figure.holds(c.figure().value()));
    }

    /** Where a fact of the line says the figure just as it was typed; a rounded one, or one in words, would read otherwise. */
    private static Optional<TypedFact> fact(WeighedFigure weighed) {
        var figure = weighed.figure();
        return weighed.right()
                .map(Candidate::figure)
                .filter(known -> known.value().compareTo(figure.middle()) == 0
                        && figure.text().chars().anyMatch(Character::isDigit))
                .flatMap(KnownFigure::fact)
                .map(path -> figure.dimension() == Dimension.MONEY
                        ? amount(figure, path)
                        : new TypedFact(figure.start(), figure.end(), figure.text(), path));
    }

    /** A sum's fact says the amount alone; the currency stays as it was typed. */
    private static TypedFact amount(WrittenFigure figure, String path) {
        var text = figure.text();
        var first = 0;
        while (!Character.isDigit(text.charAt(first))) {
            first++;
        }
        var end = text.length();
        while (!Character.isDigit(text.charAt(end - 1))) {
            end--;
        }
        return new TypedFact(figure.start() + first, figure.start() + end, text.substring(first, end), path);
    }

    /** Every figure of a text with what it may mean. */
    public List<Lesson> lessons(String text) {
        var stated = TextMask.of(text);
        var named = mentions.in(stated);
        return figures.paragraphs(TextMask.without(stated, named), named).stream()
                .flatMap(List::stream)
                .map(FigureGuard::lesson)
                .toList();
    }

    private static Lesson lesson(SeenFigure seen) {
        var figure = seen.figure();
        return new Lesson(
                figure.start(),
                figure.end(),
                seen.candidates().stream()
                        .map(c -> new Lesson.Sense(figure.holds(c.figure().value()), clues(c)))
                        .toList(),
                seen.aside());
    }

    private static List<String> clues(Candidate candidate) {
        return Stream.concat(candidate.clues().stream(), candidate.elsewhere().stream())
                .toList();
    }

    /** A figure is a slip where it most probably means something that is otherwise; it is a claim where what it means is so. */
    private void hold(String text, WeighedFigure weighed, List<Slip> slips, List<ReasonBasis.Claim> claims) {
        var figure = weighed.figure();
        weighed.otherwise().map(c -> told(text, weighed, c)).ifPresent(slips::add);
        weighed.right().map(c -> ClaimReader.right(figure, c)).ifPresent(claims::add);
    }

    /** What is right is offered only where the words do not speak of something else. */
    private Slip told(String text, WeighedFigure weighed, Candidate likeliest) {
        var figure = weighed.figure();
        var right = likeliest.figure();
        var isMeant = Proposals.isOffered(text, figure, right);
        return new Slip(
                figure.start(),
                figure.end(),
                figure.text(),
                right.label(),
                Optional.of(said(figure, right)).filter(r -> isMeant),
                right.fact().filter(f -> isMeant),
                sentence(figure, likeliest, weighed.isSure() && isMeant),
                weighed.isSure() && isMeant);
    }

    /** With the unit that the author wrote, as one key puts it into the text. */
    private String said(WrittenFigure figure, KnownFigure right) {
        var said = UnitWords.saidAs(figure.text(), right.said(), right.value(), figure.dimension());
        var point = DecimalFormatSymbols.getInstance(context.locale()).getDecimalSeparator();
        return said.equals(right.said()) ? said : said.replace('.', point);
    }

    private static String sentence(WrittenFigure figure, Candidate likeliest, boolean isSure) {
        var right = likeliest.figure();
        var of = likeliest.owner().map(o -> " of " + o.name()).orElse("");
        var what = figure.dimension() == Dimension.COUNT
                ? "the data" + of + " says " + right.said()
                : "%s %s %s".formatted(named(likeliest.about()), likeliest.isPast() ? "was" : "is", right.said());
        return "%s%s: %s.".formatted(figure.text(), isSure ? "" : " may be wrong", what);
    }

    private static String named(String label) {
        return ARTICLE.matcher(label).find() ? label : "the " + label;
    }
}
