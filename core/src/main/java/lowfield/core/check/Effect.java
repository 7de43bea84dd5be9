package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Part;

/**
 * What taking something else on a line would do to the build's checks: every finding other than fits that touches the
 * line, and every one elsewhere that is new.
 */
public record Effect(List<Finding> trouble) {
    /** With the build's present findings at hand; the line must be in the build. */
    public static Effect ofTaking(Build build, List<Finding> before, UUID line, Part part) {
        return ofTaking(build, before, line, new Choice.Chosen(part));
    }

    /** The same for any choice. */
    public static Effect ofTaking(Build build, List<Finding> before, UUID line, Choice choice) {
        var slot = build.line(line).map(Line::slot).orElseThrow();
        var trouble = new ArrayList<Finding>();
        for (var finding : Checks.concerning(slot, build.taking(line, choice))) {
            if (finding.verdict() != Verdict.FITS
                    && (finding.touches(line) || before.stream().noneMatch(finding::repeats))) {
                trouble.add(finding);
            }
        }
        return new Effect(List.copyOf(trouble));
    }

    /** Trouble that keeps the parts from going together. */
    public List<Finding> clashes() {
        return trouble.stream().filter(f -> f.verdict() == Verdict.CLASH).toList();
    }

    /** What is not known and would decide whether the parts go together. */
    public List<Finding> undecided() {
        return trouble.stream()
                .filter(f -> f.verdict() == Verdict.NOT_KNOWN && f.check().decisive())
                .toList();
    }

    /** The worst verdict: clash before not known before caution before fits. */
    public Verdict worst() {
        return Verdict.worst(trouble.stream().map(Finding::verdict).toList());
    }
}
