package lowfield.server.bench;

import lowfield.core.RuleBroken;

/** What an author keeps with an edition for themselves: "look at next time". */
record EditionState(String note) {
    EditionState {
        RuleBroken.unless(note.length() <= 2000, "A note takes at most 2,000 letters.");
    }
}
