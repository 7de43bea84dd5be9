package lowfield.core.check;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.part.Part;

/**
 * What taking a part on a line would do to the build's checks: every finding other than fits that touches the line, and
 * every one elsewhere that is new.
 */
public record Effect(List<Finding> trouble) {
    public static Effect ofTaking(Build build, UUID line, Part part) {
        return ofTaking(build, Checks.on(build), line, part);
    }

    /** The same, with the build's present findings at hand. */
    public static Effect ofTaking(Build build, List<Finding> before, UUID line, Part part) {
        var after = Checks.on(build.taking(line, part));
        return new Effect(after.stream()
                .filter(f -> f.verdict() != Verdict.FITS)
                .filter(f -> f.touches(line) || before.stream().noneMatch(f::repeats))
                .toList());
    }

    /** The worst verdict: clash before not known before caution before fits. */
    public Verdict worst() {
        return List.of(Verdict.CLASH, Verdict.NOT_KNOWN, Verdict.CAUTION).stream()
                .filter(v -> trouble.stream().anyMatch(f -> f.verdict() == v))
                .findFirst()
                .orElse(Verdict.FITS);
    }
}
