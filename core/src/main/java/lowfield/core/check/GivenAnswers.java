package lowfield.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the author answered to cautions. An answer counts for every finding with its fingerprint. Those from before
 * fingerprints were stable are known by their check alone: where exactly one finding of the check can be answered, the
 * answer is carried over to it, else it is only shown. Those from before a fingerprint held everything that decided count
 * where nothing more decided, else they are only shown.
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
        if (byFinding.isEmpty() && earlier.isEmpty() || !isAnswerable(finding)) {
            return Optional.empty();
        }
        return Optional.ofNullable(byFinding.get(finding.fingerprint()))
                .or(() -> finding.isBoundCloser() ? Optional.empty() : former(finding))
                .map(words -> new Answer(words, false))
                .or(() -> carriedOver(finding, all));
    }

    private Optional<String> former(Finding finding) {
        return Optional.ofNullable(byFinding.get(finding.formerFingerprint()));
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
        if (to(finding, all).isPresent() || !isAnswerable(finding)) {
            return List.of();
        }
        return Stream.concat(
                        former(finding).stream(),
                        earlier.getOrDefault(finding.check().id(), List.of()).stream())
                .toList();
    }

    /** Cautions are answered, and what a check that only advises could not tell; a clash is mended. */
    public static boolean isAnswerable(Finding finding) {
        return finding.verdict() == Verdict.CAUTION
                || finding.verdict() != Verdict.FITS && !finding.check().decisive();
    }
}
