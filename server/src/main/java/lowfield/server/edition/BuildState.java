package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.Nullable;

/** What an author says of a build: its name, its place among its tier's builds (the lead is at 0), a note for the author alone, other offers, and what stands beside its lines. */
public record BuildState(
        String name,
        int position,
        String note,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable OverrideForm policy,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable ExtrasForm extras) {
    public BuildState {
        policy = OverrideForm.stored(policy);
        extras = ExtrasForm.stored(extras);
        name = name.strip();
        RuleBroken.unless(!name.isEmpty() && name.length() <= 80, "A build needs a name of 1 to 80 letters.");
        RuleBroken.unless(note.length() <= 2000, "A note takes at most 2,000 letters.");
        RuleBroken.unless(position >= 0 && position < 6, "A tier has at most 6 builds.");
    }

    /** What stands beside its lines, for a copy of it, whose lines are given by these; absent when there is nothing. */
    public @Nullable ExtrasForm extrasOnto(Map<UUID, UUID> copies) {
        return extras == null ? null : extras.onto(copies::get);
    }

    public BuildState beside(@Nullable ExtrasForm other) {
        return new BuildState(name, position, note, policy, other);
    }
}
