package lowfield.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the author answered to cautions. An answer counts for every finding with its fingerprint. Those from before
 * fingerprints were stable are known by their check alone: where exactly one finding of the check can be answered, the
 * answer is carried over to it, else it is only shown.
 *
 * @param byFinding answers by fingerprint
 * @param earlier answers from before, by check
 */
public record GivenAnswers(Map<String, String> byFinding, Map<String, List<String>> earlier) {
    public static final GivenAnswers NONE = new GivenAnswers(Map.of(), Map.of());

    /** An answer, and whether it was carried over from before. */
    public record Answer(String words, boolean carriedOver) {}

    /** The answer to a finding among all of its build. */
    public Optional<Answer> to(Finding finding, List<Finding> all) {
        if (byFinding.isEmpty() && earlier.isEmpty()) {
            return Optional.empty();
        }
        return Optional.ofNullable(byFinding.get(finding.fingerprint()))
                .map(words -> new Answer(words, false))
                .or(() -> carriedOver(finding, all));
    }

    private Optional<Answer> carriedOver(Finding finding, List<Finding> all) {
        var words = earlier.getOrDefault(finding.check().id(), List.of());
        var open = all.stream()
                .filter(f -> f.check() == finding.check() && isAnswerable(f))
                .count();
        return words.size() == 1 && open == 1 && isAnswerable(finding)
                ? Optional.of(new Answer(words.get(0), true))
                : Optional.empty();
    }

    /** What was answered before to findings of the same check, where it could not be carried over. */
    public List<String> earlierTo(Finding finding, List<Finding> all) {
        return to(finding, all).isPresent() || !isAnswerable(finding)
                ? List.of()
                : earlier.getOrDefault(finding.check().id(), List.of());
    }

    /** Cautions are answered, and what a check that only advises could not tell; a clash is mended. */
    public static boolean isAnswerable(Finding finding) {
        return finding.verdict() == Verdict.CAUTION
                || finding.verdict() != Verdict.FITS && !finding.check().decisive();
    }
}
