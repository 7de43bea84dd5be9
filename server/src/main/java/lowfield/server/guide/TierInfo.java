package lowfield.server.guide;

import java.util.List;
import java.util.UUID;
import lowfield.core.check.GivenAnswers;
import org.jspecify.annotations.Nullable;

/** A tier as one edition has it, with its builds, the lead first. */
public record TierInfo(UUID id, TierForm form, List<BuildInfo> builds, int version) {
    /**
     * A build's lineage, its name in this edition, a note for the author alone, and what the author answered to findings,
     * which other offers it admits, and what stands beside its lines.
     */
    public record BuildInfo(
            UUID id,
            String name,
            String note,
            int version,
            GivenAnswers answers,
            @Nullable OverrideForm policy,
            @Nullable ExtrasForm extras) {
        /** What stands beside its lines. */
        public ExtrasForm beside() {
            return extras == null ? ExtrasForm.NONE : extras;
        }
    }
}
