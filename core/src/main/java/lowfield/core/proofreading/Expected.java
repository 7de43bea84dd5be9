package lowfield.core.proofreading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.UnitWords;

/** What the data says where a passage states a figure: of the parts it is about, against what they are compared with. */
final class Expected {
    private static final Pattern DIFFERENCE = Pattern.compile(
            "(?<![\\p{L}])(more|less|saves?|saved|saving|cheaper|dearer|steps?|spare|on top|extra|difference|by|fell|rose|went up|went down|came down|come down|lower|higher|leaves?|left|gains?|lose|loses|longer|shorter|quieter|louder|faster|slower|smaller|larger|buys?|worth)(?![\\p{L}])");
    private static final Pattern BEFORE = Pattern.compile(
            "(?<![\\p{L}])(last|was|were|former|formerly|used to|before|down from|up from|from|instead of|earlier|previously)(?![\\p{L}])");
    /** What stood last time: today's price is not that. */
    private static final Pattern WAS_THEN = Pattern.compile(
            "(?<![\\p{L}])(?:was|cost)(?![\\p{L}]).*(?<![\\p{L}])last (?:month|edition|time)|last (?:month|edition|time) it (?:was|cost)");
    /** Said of the past alone. */
    private static final Pattern WAS = Pattern.compile("(?<![\\p{L}])(was|were|used to|last)(?![\\p{L}])");

    private static final Pattern WHOLE =
            Pattern.compile("(?<![\\p{L}])(total|whole|build|altogether|sum|ceiling|tier)(?![\\p{L}])");
    private static final Pattern ROOM = Pattern.compile(
            "(?<![\\p{L}])(remains?|left|leaves?|free|room|air|spare|space|above|beside|in front)(?![\\p{L}])");
    private static final Pattern READ_OR_WRITE =
            Pattern.compile("(?<![\\p{L}])(read|write)s (?:at )?(?:about |some )?$");
    /** A figure that is so many times larger or smaller than any that it could mean is about something else. */
    private static final double FAR = 2.05;

    /** The same where the words say what it is. */
    private static final double FAR_IF_SAID = 4.5;

    /** A word right behind a figure, and the label that it means. */
    private static final List<List<String>> SIDES = List.of(
            List.of("long", "length"),
            List.of("high", "height"),
            List.of("tall", "height"),
            List.of("wide", "width"),
            List.of("deep", "depth"),
            List.of("thick", "thick"));

    private final ProofContext context;

    Expected(ProofContext context) {
        this.context = context;
    }

    /** Everything of the figure's dimension that would be right; the likeliest first. */
    List<KnownFigure> of(Passage passage, List<Subject> topic) {
        var own = new ArrayList<KnownFigure>();
        topic.forEach(s -> own.addAll(s.figures()));
        var all = new ArrayList<>(matching(passage, own));
        var words = passage.clauseWords();
        if (WAS_THEN.matcher(words).find()) {
            all.removeIf(f -> f.dimension() == Dimension.MONEY && f.label().equals("price"));
        }
        if (DIFFERENCE.matcher(words).find()) {
            all.addAll(0, matching(passage, differences(passage, topic)));
        }
        if (BEFORE.matcher(passage.sentenceWords()).find()) {
            context.subjects().stream()
                    .filter(s -> s.role() == Subject.Role.LAST)
                    .forEach(s -> all.addAll(0, matching(passage, before(s))));
        }
        var build = matching(passage, context.build()).stream()
                .filter(f ->
                        f.dimension() != Dimension.LENGTH || ROOM.matcher(words).find())
                .toList();
        all.addAll(WHOLE.matcher(words).find() ? 0 : all.size(), build);
        return all;
    }

    private static List<KnownFigure> before(Subject last) {
        return last.figures().stream()
                .map(f -> new KnownFigure(
                        f.dimension(), f.value(), f.label(), f.said(), KnownFigure.Use.BEFORE, Optional.empty()))
                .toList();
    }

    private static List<KnownFigure> matching(Passage passage, List<KnownFigure> figures) {
        var written = passage.figure();
        var same = figures.stream()
                .filter(f -> f.dimension() == written.dimension())
                .filter(f -> f.dimension() != Dimension.COUNT || CountNouns.names(f.label(), written.noun()))
                .toList();
        var side = SIDES.stream()
                .filter(s -> passage.after().matches("(?s) " + s.get(0) + "\\b.*"))
                .map(s -> same.stream()
                        .filter(f -> f.label().contains(s.get(1)) || f.label().contains("clearance"))
                        .toList())
                .filter(l -> !l.isEmpty())
                .findFirst();
        var read = READ_OR_WRITE.matcher(passage.before());
        if (side.isEmpty() && read.find()) {
            var label = read.group(1);
            var ofThat = same.stream().filter(f -> f.label().contains(label)).toList();
            return ofThat.isEmpty() ? same : ofThat;
        }
        return side.orElse(same);
    }

    /** Between the choice and what it is compared with: the parts of the passage, else every other part of the slot. */
    private List<KnownFigure> differences(Passage passage, List<Subject> topic) {
        var named = Stream.concat(topic.stream(), passage.inSentence().stream().flatMap(m -> m.subjects().stream()))
                .filter(s -> s.role() != Subject.Role.ELSEWHERE && s.role() != Subject.Role.CHOICE)
                .distinct()
                .toList();
        var others = named.isEmpty()
                ? context.ofSlot().stream()
                        .filter(s -> s.role() != Subject.Role.CHOICE)
                        .toList()
                : Stream.concat(named.stream(), context.ofSlot().stream().filter(s -> s.role() == Subject.Role.LAST))
                        .toList();
        var all = new ArrayList<KnownFigure>();
        for (var other : others) {
            context.choice()
                    .ifPresent(mine -> mine.figures().stream()
                            .filter(f -> f.dimension() == passage.figure().dimension())
                            .forEach(f -> other.figures().stream()
                                    .filter(g -> g.dimension() == f.dimension()
                                            && g.label().equals(f.label()))
                                    .forEach(g -> all.add(difference(f, g, other)))));
        }
        return all;
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

    /** Of several that would be right, the one that the text most likely meant. */
    static Optional<KnownFigure> likeliest(Passage passage, List<KnownFigure> expected) {
        var words = passage.clauseWords();
        var middle = passage.figure().middle();
        var isDifference = DIFFERENCE.matcher(words).find();
        var use = isDifference
                ? KnownFigure.Use.DIFFERENCE
                : WAS.matcher(words).find() ? KnownFigure.Use.BEFORE : KnownFigure.Use.OWN;
        var first = expected.stream()
                .filter(f -> use == KnownFigure.Use.OWN
                        ? f.use() != KnownFigure.Use.DIFFERENCE && f.use() != KnownFigure.Use.BEFORE
                        : f.use() == use)
                .toList();
        var among = first.isEmpty() ? expected : first;
        return among.stream()
                .min(Comparator.<KnownFigure>comparingInt(f -> isLabelled(words, f) ? 0 : 1)
                        .thenComparing(f -> distance(f.value(), middle)));
    }

    private static boolean isLabelled(String words, KnownFigure figure) {
        return Stream.of(figure.label().split("[^\\p{L}]+")).anyMatch(w -> w.length() > 3 && words.contains(w));
    }

    /** Whether a figure could be a slip for one of these: no slip of a pen makes 4 m of 56 mm. */
    static boolean isNear(Passage passage, List<KnownFigure> expected) {
        var words = passage.clauseWords();
        var middle = passage.figure().middle();
        return passage.figure().dimension() == Dimension.COUNT
                || expected.stream()
                        .anyMatch(f -> distance(f.value(), middle) <= Math.log(isSaid(words, f) ? FAR_IF_SAID : FAR));
    }

    /** Years are few, and a slip of them is soon the threefold. */
    private static boolean isSaid(String words, KnownFigure figure) {
        return figure.dimension() == Dimension.YEARS || isLabelled(words, figure);
    }

    private static double distance(BigDecimal a, BigDecimal b) {
        return Math.abs(Math.log((a.doubleValue() + 1) / (b.doubleValue() + 1)));
    }
}
