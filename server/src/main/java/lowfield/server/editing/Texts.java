package lowfield.server.editing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.TextRows;
import lowfield.server.edition.TextState;
import lowfield.server.guide.Editions;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the author's texts beyond the line, each a journalled command. */
@Service
public class Texts {
    private final TextRows texts;
    private final Editions editions;
    private final EditionLoader loader;
    private final Journal journal;

    Texts(TextRows texts, Editions editions, EditionLoader loader, Journal journal) {
        this.texts = texts;
        this.editions = editions;
        this.loader = loader;
        this.journal = journal;
    }

    /** Writes a text that was read at the expected version; 0 is one that was never written. Returns its version. */
    @Transactional
    public int write(UUID edition, UUID id, TextState text, int expected, Person by) {
        editions.forEditing(edition);
        mustStand(loader.load(edition), text.place(), id);
        var before = texts.forUpdate(edition, text.place(), id);
        if (before.version() != expected) {
            throw new Stale(
                    "This text was changed meanwhile; nothing of yours was written over it, and nothing is lost.",
                    before.state(),
                    text,
                    before.version());
        }
        return record(edition, id, before, text.after(before.state()), label(text.place()), by);
    }

    /** The author has read what was carried over of a text, and it is still so. Returns its version. */
    @Transactional
    public int confirm(UUID edition, TextState.Place place, UUID id, int expected, Person by) {
        editions.forEditing(edition);
        mustStand(loader.load(edition), place, id);
        var before = texts.forUpdate(edition, place, id);
        if (before.version() != expected) {
            throw new Stale(
                    "Someone else changed this text. Read it again.", before.state(), before.state(), before.version());
        }
        RuleBroken.unless(before.version() > 0, "There is no text to confirm.");
        return record(edition, id, before, before.state().leaving(List.of()), "Text still correct", by);
    }

    private int record(UUID edition, UUID id, TextRows.StoredText before, TextState after, String label, Person by) {
        texts.write(edition, id, Optional.of(after));
        var was = before.version() == 0 ? null : before.state();
        journal.record(new Journal.Entry(edition, null, Target.TEXT, id, label, was, after), by, true);
        return before.version() + 1;
    }

    private static String label(TextState.Place place) {
        return switch (place) {
            case EDITION -> "Words of the edition";
            case TIER -> "Words of a tier";
            case BUILD -> "Words of a build";
            case COMPARISON -> "Words of a comparison";
        };
    }

    private static void mustStand(LoadedEdition edition, TextState.Place place, UUID id) {
        var stands = switch (place) {
            case EDITION -> edition.guide().id().equals(id);
            case TIER -> edition.tiers().stream().anyMatch(t -> t.id().equals(id));
            case BUILD -> edition.evaluated().build(id).isPresent();
            case COMPARISON -> edition.evaluated().place(id).isPresent();
        };
        if (!stands) {
            throw new NotFound("What this text is about is not in this edition.");
        }
    }
}
