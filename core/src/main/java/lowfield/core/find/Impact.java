package lowfield.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;

/**
 * What a change of a build does to its findings: every one other than fits that touches the changed line, and every one
 * elsewhere that the build did not have before. The checks that concern no changed slot cannot say anything new.
 *
 * @param findings notes, cautions, clashes and what is not known, in the order of the checks
 */
public record Impact(List<Finding> findings) {
    /** Of another choice on one line; the line must be in the build, whose present findings are at hand. */
    public static Impact ofTaking(Build build, List<Finding> before, UUID line, Choice choice) {
        return ofReplacing(build, before, build.line(line).orElseThrow().with(choice));
    }

    /** Of another line in the place of the one with its id. */
    static Impact ofReplacing(Build build, List<Finding> before, Line line) {
        return between(before, Checks.concerning(line.slot(), build.replacing(line)), line.id());
    }

    /** Between two states of a build, of which the line is the one that was changed first. */
    static Impact between(List<Finding> before, List<Finding> after, UUID line) {
        var found = new ArrayList<Finding>();
        for (var finding : after) {
            if (finding.verdict() != Verdict.FITS && (finding.touches(line) || isNew(finding, before))) {
                found.add(finding);
            }
        }
        return new Impact(List.copyOf(found));
    }

    static boolean isNew(Finding finding, List<Finding> before) {
        for (var each : before) {
            if (each.equalTo(finding)) {
                return false;
            }
        }
        return true;
    }

    /** Both, the other's last. */
    Impact and(Impact other) {
        return new Impact(
                Stream.concat(findings.stream(), other.findings.stream()).toList());
    }

    /** What is left to decide: all but the notes. */
    public List<Finding> trouble() {
        return findings.stream().filter(f -> f.verdict().isTrouble()).toList();
    }

    /** Trouble that keeps the parts from going together. */
    public List<Finding> clashes() {
        return findings.stream().filter(f -> f.verdict() == Verdict.CLASH).toList();
    }

    /** What is not known and would decide whether the parts go together. */
    public List<Finding> undecided() {
        return findings.stream()
                .filter(f -> f.verdict() == Verdict.NOT_KNOWN && f.check().decisive())
                .toList();
    }

    /** The worst verdict: clash before not known before caution before note before fits. */
    public Verdict worst() {
        return Verdict.worst(findings.stream().map(Finding::verdict).toList());
    }
}
