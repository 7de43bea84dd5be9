package lowfield.core.find;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import lowfield.core.Lazy;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Check;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;

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
    private int asked;
    private final Map<Check, Map<List<UUID>, List<Finding>>> known = new HashMap<>();

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
    List<Finding> open(Map<Slot, Part> changes, Lazy<BuildContext> build) {
        var all = new ArrayList<Finding>();
        for (var finding : open) {
            if (!concerns(finding.check(), changes.keySet())) {
                all.add(finding);
            }
        }
        for (var check : Checks.sound()) {
            if (concerns(check, changes.keySet())) {
                all.addAll(open(check, changes, build));
            }
        }
        return all;
    }

    boolean takesAway(Check check, Map<Slot, Part> changes, Lazy<BuildContext> build) {
        return open(check, changes, build).isEmpty();
    }

    /** What a check says is the same for all builds that agree in the slots it concerns, and is asked once. */
    private List<Finding> open(Check check, Map<Slot, Part> changes, Lazy<BuildContext> build) {
        var concerned = new ArrayList<UUID>(ForcedChanges.MOST_CHANGES);
        changes.forEach((slot, part) -> {
            if (check.slots().contains(slot)) {
                concerned.add(part.id());
            }
        });
        return known.computeIfAbsent(check, c -> new HashMap<>()).computeIfAbsent(concerned, c -> {
            asked++;
            return check.on(build.get()).stream()
                    .filter(f -> isOpen(f, build.get().build(), changes.keySet()))
                    .toList();
        });
    }

    /** How many checks were run. */
    int asked() {
        return asked;
    }

    private static boolean concerns(Check check, Set<Slot> changed) {
        for (var slot : changed) {
            if (check.slots().contains(slot)) {
                return true;
            }
        }
        return false;
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
