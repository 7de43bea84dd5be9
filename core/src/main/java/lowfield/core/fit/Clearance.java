package lowfield.core.fit;

import java.util.Optional;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Span;

/**
 * What a check decided of a part and the room for it, in millimetres.
 *
 * @param taken by the part; absent where the check does not get that far
 * @param room that the case has; absent where the check cannot tell, or where it contradicts the size of the case
 * @param basis what the room was measured with, as the check's sentence goes on: " with front fans"
 * @param missing the figure for want of which the check cannot tell, as it names it
 */
record Clearance(
        Optional<Integer> taken, Optional<Span> room, String basis, Verdict verdict, Optional<String> missing) {
    /** Where no check speaks of it. */
    static final Clearance SILENT =
            new Clearance(Optional.empty(), Optional.empty(), "", Verdict.FITS, Optional.empty());

    /** Whether no check speaks of it. */
    boolean isSilent() {
        return taken.isEmpty() && missing.isEmpty();
    }

    /** A check's finding: its sentence has what is taken, then what is there, and perhaps what that was measured with. */
    static Clearance of(Finding finding, int first) {
        if (finding.verdict() == Verdict.NOT_KNOWN) {
            return new Clearance(
                    Optional.empty(), Optional.empty(), "", Verdict.NOT_KNOWN, Optional.of(finding.evidence()));
        }
        var values = finding.values();
        var basis = values.size() > first + 2 ? values.get(first + 2).toString() : "";
        return new Clearance(
                Optional.of((Integer) values.get(first)),
                Optional.of(span(values.get(first + 1))),
                basis,
                finding.verdict(),
                Optional.empty());
    }

    private static Span span(Object value) {
        return value instanceof Span span ? span : Span.exactly((Integer) value);
    }

    /** Without a room that is larger than the case itself. */
    Clearance within(Optional<Integer> outer) {
        var isInside = room.filter(r -> outer.filter(o -> r.usual() > o).isEmpty());
        return new Clearance(taken, isInside, basis, verdict, missing);
    }

    /** What is left, below zero where it is too much. */
    Optional<Integer> left() {
        return room.flatMap(r -> taken.map(t -> r.usual() - t));
    }

    /** "56 mm free", "about 31 mm free", "9 mm too long"; empty where that cannot be told. */
    String said(String tooMuch) {
        var about = room.filter(r -> r.low() != r.high()).isPresent() ? "about " : "";
        return left().map(l -> about + (l < 0 ? -l + " mm " + tooMuch : l + " mm free"))
                .orElse("");
    }
}
