package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import lowfield.core.RuleBroken;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.Nullable;

/** What an author says of a build: its name, its place among its tier's builds (the lead is at 0), a note for the author alone, other offers. */
public record BuildState(
        String name,
        int position,
        String note,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable OverrideForm policy) {
    public BuildState {
        policy = OverrideForm.stored(policy);
        name = name.strip();
        RuleBroken.unless(!name.isEmpty() && name.length() <= 80, "A build needs a name of 1 to 80 letters.");
        RuleBroken.unless(note.length() <= 2000, "A note takes at most 2,000 letters.");
        RuleBroken.unless(position >= 0 && position < 6, "A tier has at most 6 builds.");
    }
}
