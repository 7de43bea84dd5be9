package lowfield.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Check;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;

/**
 * What stands open in a build after a part was taken on a line and others were changed: a clash or lost headroom of the PSU
 * that the part or a change brings, and of a change also what is newly unknown and decides, and a wish of the tier that is no
 * longer kept. What was so before stays as it was.
 */
final class Soundness {
    private final List<Finding> present;
    private final UUID line;
    private final List<Finding> alone;
    private final List<Finding> open;
    private final boolean hadHeadroom;

    Soundness(List<Finding> present, Build taken, UUID line) {
        this.present = present;
        this.line = line;
        this.alone = run(Checks.sound(), taken);
        this.hadHeadroom = present.stream().noneMatch(Checks::isHeadroomLost);
        this.open = alone.stream().filter(this::isForcing).toList();
    }

    /** Before any further change. */
    List<Finding> atFirst() {
        return open;
    }

    /** With changes in some slots; a check that concerns none of them says what it said at first. */
    List<Finding> open(Build build, Set<Slot> changed) {
        var checks = Checks.sound().stream().filter(c -> concerns(c, changed)).toList();
        return Stream.concat(
                        open.stream().filter(f -> !concerns(f.check(), changed)),
                        run(checks, build).stream().filter(f -> isOpen(f, build, changed)))
                .toList();
    }

    boolean takesAway(Check check, Build build, Set<Slot> changed) {
        return run(List.of(check), build).stream().noneMatch(f -> isOpen(f, build, changed));
    }

    private static boolean concerns(Check check, Set<Slot> changed) {
        return changed.stream().anyMatch(check.slots()::contains);
    }

    private boolean isOpen(Finding finding, Build build, Set<Slot> changed) {
        return isForcing(finding) || isNewlyUnknown(finding) || breaksAWish(finding, build, changed);
    }

    private boolean isForcing(Finding finding) {
        return (finding.verdict() == Verdict.CLASH || Checks.isHeadroomLost(finding) && hadHeadroom)
                && (finding.touches(line) || Impact.isNew(finding, present));
    }

    private boolean isNewlyUnknown(Finding finding) {
        return finding.verdict() == Verdict.NOT_KNOWN
                && finding.check().decisive()
                && isNewGap(finding, present)
                && isNewGap(finding, alone);
    }

    /** The same figure of the same part was missing to the same check before, whatever it is held against now. */
    private static boolean isNewGap(Finding finding, List<Finding> before) {
        return before.stream()
                .noneMatch(b -> b.equalTo(finding)
                        || b.check() == finding.check()
                                && b.verdict() == Verdict.NOT_KNOWN
                                && b.gap().isPresent()
                                && b.gap().equals(finding.gap()));
    }

    private boolean breaksAWish(Finding finding, Build build, Set<Slot> changed) {
        return Checks.isWish(finding.check())
                && finding.verdict().isTrouble()
                && build.lines().stream().anyMatch(l -> changed.contains(l.slot()) && finding.touches(l.id()))
                && Impact.isNew(finding, present)
                && present.stream().noneMatch(p -> p.check() == finding.check() && p.outcome() == finding.outcome());
    }

    private static List<Finding> run(List<Check> checks, Build build) {
        var context = new BuildContext(build);
        var findings = new ArrayList<Finding>();
        checks.forEach(c -> c.tell(context, findings));
        return findings;
    }
}
