package lowfield.server.editing;

import java.util.Optional;
import java.util.UUID;
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
        texts.write(edition, id, Optional.of(text));
        var was = before.version() == 0 ? null : before.state();
        journal.record(new Journal.Entry(edition, null, Target.TEXT, id, label(text.place()), was, text), by, true);
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
