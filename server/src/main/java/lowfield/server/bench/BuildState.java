package lowfield.server.bench;

import lowfield.core.RuleBroken;

/** What an author says of a build: its name, its place among its tier's builds (the lead is at 0), a note for the author alone. */
public record BuildState(String name, int position, String note) {
    public BuildState {
        name = name.strip();
        RuleBroken.unless(!name.isEmpty() && name.length() <= 80, "A build needs a name of 1 to 80 letters.");
        RuleBroken.unless(note.length() <= 2000, "A note takes at most 2,000 letters.");
        RuleBroken.unless(position >= 0 && position < 6, "A tier has at most 6 builds.");
    }
}
