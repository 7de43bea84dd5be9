package lowfield.core.check.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import lowfield.core.check.Check;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Part;

/**
 * What is wrong with the members of a vetted set that did not win: one caution a line that names them (rules 4). Beside the
 * other checks, since it runs them all once more for each member that can be bought.
 */
public final class SetMembers {
    static final Check CHECK = Check.advises(
                    "set-members", "Any of these: every part that can be bought goes with the rest")
            .caution("told", "Trouble with other parts of the set. %1$s", "Of the other parts of the set: %2$s")
            .caution("author-only", "Trouble with other parts of the set. %1$s")
            .saidElsewhere();

    private SetMembers() {}

    /** A member and what it would bring that the winner does not. */
    private record Trouble(Part member, List<Finding> findings) {
        String forAuthor() {
            return member.fullName() + ": "
                    + findings.stream().map(Finding::evidence).distinct().collect(Collectors.joining(" "));
        }

        Optional<String> forReaders() {
            var told = findings.stream()
                    .flatMap(f -> f.forReaders().stream())
                    .distinct()
                    .collect(Collectors.joining(" "));
            return told.isEmpty() ? Optional.empty() : Optional.of(member.fullName() + ": " + told);
        }
    }

    /** Of each set in a build whose own findings are at hand; {@code isAvailable} says whether a part can be bought for a line. */
    public static List<Finding> on(Build build, List<Finding> own, BiPredicate<Line, Part> isAvailable) {
        var found = new ArrayList<Finding>();
        for (var line : build.lines()) {
            if (line.choice() instanceof Choice.VettedSet set) {
                var trouble = set.members().stream()
                        .filter(m -> !m.equals(set.winner()) && isAvailable.test(line, m))
                        .map(m -> new Trouble(m, of(build, own, line, m)))
                        .filter(t -> !t.findings().isEmpty())
                        .toList();
                if (!trouble.isEmpty()) {
                    found.add(caution(line, trouble));
                }
            }
        }
        return found;
    }

    private static List<Finding> of(Build build, List<Finding> own, Line line, Part member) {
        var instead = build.replacing(line.with(new Choice.Chosen(member)));
        return Checks.concerning(line.slot(), instead).stream()
                .filter(f -> f.verdict().isTrouble() && f.touches(line.id()) && isWorthSaying(f))
                .filter(f -> own.stream().noneMatch(o -> o.check() == f.check() && o.outcome() == f.outcome()))
                .toList();
    }

    private static boolean isWorthSaying(Finding finding) {
        return finding.verdict() != Verdict.NOT_KNOWN || finding.check().decisive();
    }

    private static Finding caution(Line line, List<Trouble> trouble) {
        var author = trouble.stream().map(Trouble::forAuthor).collect(Collectors.joining(" "));
        var reader = trouble.stream().flatMap(t -> t.forReaders().stream()).collect(Collectors.joining(" "));
        return Finding.because(
                CHECK,
                reader.isEmpty() ? "author-only" : "told",
                line,
                trouble.stream().flatMap(t -> t.findings().stream()).toList(),
                author,
                reader);
    }
}
