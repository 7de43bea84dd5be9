package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/** Holds claims of relation against the data: "cheaper than", "twice the price of", "the same price as last month". */
final class RelationGuard {
    private static final String NAME = "(?:the |that of (?:the )?)?(?:[\\p{L}]+['’]s )?";
    private static final String THING = "price|memory|capacity|cores|threads|cache|noise|length|weight";
    private static final Pattern THAN = Pattern.compile("(?i)(?<![\\p{L}])(" + Relation.words() + ") than " + NAME);
    private static final Pattern TIMES =
            Pattern.compile("(?i)(?<![\\p{L}])(twice|double|half|three times) the (" + THING + ")(?: of)? " + NAME);
    private static final Pattern TIMES_AS =
            Pattern.compile("(?i)(?<![\\p{L}])(twice|half|three times) as (" + Relation.qualities() + ") as " + NAME);
    private static final Pattern COSTS_TIMES =
            Pattern.compile("(?i)(?<![\\p{L}])costs (twice|half|three times) as much as " + NAME);
    private static final Pattern SAME = Pattern.compile("(?i)(?<![\\p{L}])the same (" + THING + ") as " + NAME);
    private static final Pattern COSTS_SAME = Pattern.compile("(?i)(?<![\\p{L}])costs (?:the same|as much) as " + NAME);
    private static final Pattern LAST_TIME =
            Pattern.compile("(?i)\\G(?:in the |the )?last (?:month|edition|time)(?![\\p{L}])");
    private static final Map<String, Double> FACTORS =
            Map.of("twice", 2.0, "double", 2.0, "half", 0.5, "three times", 3.0);
    /** Said loosely: "twice" is still said of this much less or more. */
    private static final double LOOSE = 0.16;

    private final ProofContext context;

    RelationGuard(ProofContext context) {
        this.context = context;
    }

    List<Slip> slips(String text, Stretch clause, List<Mention> named) {
        var in = new Clause(text, clause, named);
        return Stream.of(
                        in.each(THAN, m -> Relation.of(small(m.group(1))).flatMap(r -> than(in, m, r))),
                        in.each(TIMES, m -> times(in, m, factor(m), labels(m.group(2)))),
                        in.each(TIMES_AS, m -> times(in, m, factor(m), Relation.ofQuality(small(m.group(2))))),
                        in.each(COSTS_TIMES, m -> times(in, m, factor(m), List.of("price"))),
                        in.each(SAME, m -> same(in, m, labels(m.group(1)))),
                        in.each(COSTS_SAME, m -> same(in, m, List.of("price"))))
                .flatMap(List::stream)
                .toList();
    }

    private static String small(String words) {
        return words.toLowerCase(Locale.ROOT);
    }

    private static double factor(MatchResult found) {
        return FACTORS.get(small(found.group(1)));
    }

    private static List<String> labels(String thing) {
        return thing.equalsIgnoreCase("memory") ? List.of("memory", "memory of the kit") : List.of(small(thing));
    }

    /** A clause with what is named in it. */
    private record Clause(String text, Stretch at, List<Mention> named) {
        interface Claim {
            Optional<Slip> slip(MatchResult found);
        }

        List<Slip> each(Pattern pattern, Claim claim) {
            var all = new ArrayList<Slip>();
            var found = pattern.matcher(text).region(at.start(), at.end()).useTransparentBounds(true);
            while (found.find()) {
                claim.slip(found.toMatchResult()).ifPresent(all::add);
            }
            return all;
        }

        /** What is named right there, if it is one. */
        Optional<Mention> namedAt(int start) {
            return named.stream()
                    .filter(m -> m.start() == start && m.subjects().size() == 1)
                    .findFirst();
        }
    }

    /** Two figures that are compared, and where the comparison ends. */
    private record Pair(KnownFigure mine, KnownFigure theirs, String other, int end) {
        int sign() {
            return mine.value().compareTo(theirs.value());
        }

        double ratio() {
            return mine.value().doubleValue() / Math.max(theirs.value().doubleValue(), 0.001);
        }

        Slip slip(Clause in, int start, Optional<String> right) {
            return new Slip(
                    start,
                    end,
                    in.text().substring(start, end),
                    mine.label(),
                    right,
                    Optional.empty(),
                    "The %s is %s; that of %s is %s.".formatted(mine.label(), mine.said(), other, theirs.said()),
                    true);
        }
    }

    private Optional<Slip> than(Clause in, MatchResult found, Relation relation) {
        return pair(in, found, relation.labels())
                .filter(p -> p.sign() == 0 || p.sign() > 0 != relation.isMore())
                .map(p -> p.slip(
                        in,
                        found.start(),
                        p.sign() == 0
                                ? Optional.empty()
                                : Optional.of(relation.opposite() + in.text().substring(found.end(1), p.end()))));
    }

    private Optional<Slip> times(Clause in, MatchResult found, double factor, List<String> labels) {
        return pair(in, found, labels)
                .filter(p -> Math.abs(p.ratio() / factor - 1) > LOOSE)
                .map(p -> p.slip(in, found.start(), Optional.empty()));
    }

    private Optional<Slip> same(Clause in, MatchResult found, List<String> labels) {
        return pair(in, found, labels).filter(p -> p.sign() != 0).map(p -> p.slip(in, found.start(), Optional.empty()));
    }

    private Optional<Pair> pair(Clause in, MatchResult found, List<String> labels) {
        var mine = value(who(in, found.start()), labels);
        var last = LAST_TIME.matcher(in.text()).region(found.end(), in.text().length());
        if (last.find()) {
            var before = context.subjects().stream()
                    .filter(s -> s.role() == Subject.Role.LAST)
                    .findFirst();
            return mine.flatMap(m -> value(before, labels).map(b -> new Pair(m, b, "the last edition", last.end())));
        }
        return in.namedAt(found.end())
                .flatMap(m -> mine.flatMap(f -> value(Optional.of(m.subjects().get(0)), labels)
                        .map(t -> new Pair(f, t, m.subjects().get(0).name(), m.end()))));
    }

    /** What is named first in the clause before the comparison, else the choice. */
    private Optional<Subject> who(Clause in, int before) {
        return in.named().stream()
                .filter(m -> m.sort() == Mention.Sort.NAME && m.subjects().size() == 1)
                .filter(m -> in.at().holds(m.start()) && m.end() <= before)
                .findFirst()
                .map(m -> m.subjects().get(0))
                .or(context::choice);
    }

    private static Optional<KnownFigure> value(Optional<Subject> of, List<String> labels) {
        return of.flatMap(s ->
                s.figures().stream().filter(f -> labels.contains(f.label())).findFirst());
    }
}
