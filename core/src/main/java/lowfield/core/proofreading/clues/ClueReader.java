package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.figures.FigureFinder;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mention;

/** Reads the figures of a text, sentence by sentence, each with what it may mean and what is seen around it. */
public final class ClueReader {
    /** How many letters before and behind a figure are near. */
    private static final int NEAR = 300;

    private final ProofContext context;
    private final FigureFinder figures;
    private final Topic topic;
    private final Candidates candidates;

    public ClueReader(ProofContext context) {
        this.context = context;
        figures = FigureFinder.of(context.locale(), context.currency());
        topic = new Topic(context);
        candidates = new Candidates(context);
    }

    /**
     * The figures of each paragraph that has any, in the order of the text.
     *
     * @param bare the text with its names blanked, since they can hold numbers
     * @param named where it speaks of parts, in its order
     */
    public List<List<SeenFigure>> paragraphs(String bare, List<Mention> named) {
        var starts =
                Stretch.paragraphs(bare).stream().map(Stretch::start).collect(Collectors.toCollection(TreeSet::new));
        return alone(bare, named).stream()
                .collect(
                        Collectors.groupingBy(f -> starts.floor(f.figure().start()), TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(SaidElsewhere::among)
                .toList();
    }

    /** Where the last of so many figures of a text ends; where the text ends when it has no more. */
    public int endOf(String text, int most) {
        var found = figures.in(text);
        return found.size() > most ? found.get(most - 1).end() : text.length();
    }

    /** Every figure as if it were the only one. */
    private List<SeenFigure> alone(String bare, List<Mention> named) {
        var before = Spoken.ofNothing();
        var found = figures.in(bare);
        var parts = new NamedParts(named);
        var owners = new Owners(found, context.subjects());
        var all = new ArrayList<SeenFigure>();
        for (var sentence : Stretch.sentences(bare)) {
            var here = named.stream().filter(m -> sentence.holds(m.start())).toList();
            var figuresHere =
                    found.stream().filter(f -> sentence.holds(f.start())).toList();
            var clauses = sentence.clauses(bare);
            for (var figure : figuresHere) {
                var clause =
                        clauses.stream().filter(c -> c.holds(figure.start())).findFirst();
                all.add(seen(
                        passage(bare, figure, sentence, clause.orElse(sentence), here, figuresHere),
                        before,
                        parts,
                        owners));
            }
            before = before.after(sentence, bare, here, topic);
        }
        return all;
    }

    /** A figure with what stands around it, as far as that is near: nobody reads back a page to the start of a sentence. */
    private static Passage passage(
            String bare,
            WrittenFigure figure,
            Stretch sentence,
            Stretch clause,
            List<Mention> mentions,
            List<WrittenFigure> figures) {
        var near = sentence.near(figure.start(), NEAR);
        return new Passage(
                bare,
                figure,
                near,
                clause.near(figure.start(), NEAR),
                mentions.stream().filter(m -> near.holds(m.start())).toList(),
                figures.stream().filter(f -> near.holds(f.start())).toList());
    }

    private SeenFigure seen(Passage passage, Spoken spoken, NamedParts named, Owners owners) {
        var words = Words.of(passage);
        var who = new SubjectClues(passage, spoken, named, owners);
        return new SeenFigure(
                passage.figure(),
                candidates.of(passage, words, topic.of(passage, spoken), who),
                AsideClues.of(passage, words));
    }
}
