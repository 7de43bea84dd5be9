package lowfield.server.edition;

import static lowfield.db.Tables.AUTHOR_TEXT;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.evidence.SoftFact;
import lowfield.db.tables.records.AuthorTextRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** The author's texts beyond the line, as rows. */
@Component
public class TextRows {
    private final DSLContext db;

    TextRows(DSLContext db) {
        this.db = db;
    }

    /** A text where it stands: the guide of an edition, a tier, a build, or a line; version 0 is one that was never written. */
    public record StoredText(UUID id, TextState state, int version) {}

    public List<StoredText> of(UUID edition) {
        return db.selectFrom(AUTHOR_TEXT)
                .where(AUTHOR_TEXT.EDITION_ID.eq(edition))
                .orderBy(AUTHOR_TEXT.PLACE, AUTHOR_TEXT.PLACE_ID)
                .fetch(TextRows::text);
    }

    /** One text, held for an edit; an empty one where nothing is written. */
    public StoredText forUpdate(UUID edition, TextState.Place place, UUID id) {
        return db.selectFrom(AUTHOR_TEXT)
                .where(AUTHOR_TEXT.EDITION_ID.eq(edition), AUTHOR_TEXT.PLACE_ID.eq(id))
                .and(AUTHOR_TEXT.PLACE.eq(place.name()))
                .forUpdate()
                .fetchOptional(TextRows::text)
                .orElse(new StoredText(id, TextState.empty(place), 0));
    }

    /** The text of an id, whatever it is about. */
    public Optional<TextState> read(UUID edition, UUID id) {
        return db.selectFrom(AUTHOR_TEXT)
                .where(AUTHOR_TEXT.EDITION_ID.eq(edition), AUTHOR_TEXT.PLACE_ID.eq(id))
                .fetchOptional(r -> text(r).state());
    }

    /** Writes a text; an absent one takes away what is written of the id. */
    public void write(UUID edition, UUID id, Optional<TextState> state) {
        if (state.isEmpty()) {
            db.deleteFrom(AUTHOR_TEXT)
                    .where(AUTHOR_TEXT.EDITION_ID.eq(edition), AUTHOR_TEXT.PLACE_ID.eq(id))
                    .execute();
            return;
        }
        var text = state.get();
        var unread = String.join("\n", text.toRead());
        var handled = text.handledForm().map(Enum::name).orElse(null);
        db.insertInto(AUTHOR_TEXT)
                .set(AUTHOR_TEXT.EDITION_ID, edition)
                .set(AUTHOR_TEXT.PLACE, text.place().name())
                .set(AUTHOR_TEXT.PLACE_ID, id)
                .set(AUTHOR_TEXT.INTRODUCTION, text.introduction())
                .set(AUTHOR_TEXT.VERDICT, text.verdict())
                .set(AUTHOR_TEXT.HANDLED, handled)
                .set(AUTHOR_TEXT.DISCLOSURE, text.disclosure())
                .set(AUTHOR_TEXT.UNREAD, unread)
                .onConflict(AUTHOR_TEXT.EDITION_ID, AUTHOR_TEXT.PLACE, AUTHOR_TEXT.PLACE_ID)
                .doUpdate()
                .set(AUTHOR_TEXT.INTRODUCTION, text.introduction())
                .set(AUTHOR_TEXT.VERDICT, text.verdict())
                .set(AUTHOR_TEXT.HANDLED, handled)
                .set(AUTHOR_TEXT.DISCLOSURE, text.disclosure())
                .set(AUTHOR_TEXT.UNREAD, unread)
                .set(AUTHOR_TEXT.VERSION, AUTHOR_TEXT.VERSION.plus(1))
                .execute();
    }

    private static StoredText text(AuthorTextRecord r) {
        return new StoredText(
                r.getPlaceId(),
                new TextState(
                        TextState.Place.valueOf(r.getPlace()),
                        r.getIntroduction(),
                        r.getVerdict(),
                        r.getHandled() == null ? null : SoftFact.Form.valueOf(r.getHandled()),
                        r.getDisclosure(),
                        r.getUnread().lines().toList()),
                r.getVersion());
    }
}
