package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.proofreading.figures.Stretch;

/** Holds claims of relation against the data: "cheaper than", "twice the price of", "half the memory". */
final class RelationGuard {
    private static final Pattern THAN = Pattern.compile(
            "(?i)(?<![\\p{L}])(cheaper|dearer|more expensive|less expensive|louder|quieter|longer|shorter) than (?:the )?(?:[\\p{L}]+['’]s )?");
    private static final Pattern TIMES =
            Pattern.compile("(?i)(?<![\\p{L}])(twice|double|half) the (price|memory|capacity|cores)(?: of (?:the )?)?");
    private static final double LOOSE = 0.16;

    /** A word of relation: of which figure, whether more of it, and its opposite. */
    private record Relation(String label, boolean isMore, String opposite) {
        static Relation of(String word) {
            return switch (word.toLowerCase(Locale.ROOT)) {
                case "cheaper" -> new Relation("price", false, "dearer");
                case "less expensive" -> new Relation("price", false, "more expensive");
                case "dearer" -> new Relation("price", true, "cheaper");
                case "more expensive" -> new Relation("price", true, "cheaper");
                case "louder" -> new Relation("noise", true, "quieter");
                case "quieter" -> new Relation("noise", false, "louder");
                case "longer" -> new Relation("length", true, "shorter");
                default -> new Relation("length", false, "longer");
            };
        }
    }

    private final ProofContext context;

    RelationGuard(ProofContext context) {
        this.context = context;
    }

    List<Slip> slips(String text, Stretch clause, List<Mention> named) {
        return Stream.concat(than(text, clause, named).stream(), times(text, clause, named).stream())
                .toList();
    }

    private List<Slip> than(String text, Stretch clause, List<Mention> named) {
        var all = new ArrayList<Slip>();
        var found = THAN.matcher(text).region(clause.start(), clause.end()).useTransparentBounds(true);
        while (found.find()) {
            var relation = Relation.of(found.group(1));
            var other = named.stream()
                    .filter(m -> m.start() == found.end() && isOne(m))
                    .findFirst();
            other.ifPresent(m -> {
                var who = who(clause, named, found.start());
                var mine = value(who, relation.label());
                var theirs = value(Optional.of(m.subjects().get(0)), relation.label());
                if (mine.isPresent() && theirs.isPresent()) {
                    var sign = Double.compare(
                            mine.get().value().doubleValue(),
                            theirs.get().value().doubleValue());
                    if (sign == 0 || sign > 0 != relation.isMore()) {
                        all.add(slip(
                                text,
                                found.start(),
                                m.end(),
                                sign == 0
                                        ? Optional.empty()
                                        : Optional.of(relation.opposite() + text.substring(found.end(1), m.end())),
                                mine.get(),
                                theirs.get(),
                                m));
                    }
                }
            });
        }
        return all;
    }

    private List<Slip> times(String text, Stretch clause, List<Mention> named) {
        var all = new ArrayList<Slip>();
        var found = TIMES.matcher(text).region(clause.start(), clause.end()).useTransparentBounds(true);
        while (found.find()) {
            var label = found.group(2).toLowerCase(Locale.ROOT);
            var factor = found.group(1).equalsIgnoreCase("half") ? 0.5 : 2.0;
            named.stream()
                    .filter(m -> m.start() == found.end() && isOne(m))
                    .findFirst()
                    .ifPresent(m -> {
                        var mine = value(who(clause, named, found.start()), label);
                        var theirs = value(Optional.of(m.subjects().get(0)), label);
                        if (mine.isPresent() && theirs.isPresent()) {
                            var is = mine.get().value().doubleValue()
                                    / Math.max(theirs.get().value().doubleValue(), 0.001);
                            if (Math.abs(is / factor - 1) > LOOSE) {
                                all.add(slip(
                                        text, found.start(), m.end(), Optional.empty(), mine.get(), theirs.get(), m));
                            }
                        }
                    });
        }
        return all;
    }

    private static Slip slip(
            String text,
            int start,
            int end,
            Optional<String> right,
            KnownFigure mine,
            KnownFigure theirs,
            Mention other) {
        return new Slip(
                start,
                end,
                text.substring(start, end),
                mine.label(),
                right,
                Optional.empty(),
                "The %s is %s; that of %s is %s."
                        .formatted(
                                mine.label(),
                                mine.said(),
                                other.subjects().get(0).name(),
                                theirs.said()),
                true);
    }

    private static boolean isOne(Mention mention) {
        return mention.subjects().size() == 1;
    }

    private Optional<Subject> who(Stretch clause, List<Mention> named, int before) {
        return named.stream()
                .filter(m -> m.sort() == Mention.Sort.NAME && isOne(m) && clause.holds(m.start()) && m.end() <= before)
                .findFirst()
                .map(m -> m.subjects().get(0))
                .or(context::choice);
    }

    private static Optional<KnownFigure> value(Optional<Subject> of, String label) {
        return of.flatMap(s -> s.figures().stream()
                .filter(f -> f.label().equals(label) || f.label().equals("memory of the kit") && label.equals("memory"))
                .findFirst());
    }
}
