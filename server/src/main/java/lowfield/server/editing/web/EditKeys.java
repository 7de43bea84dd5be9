package lowfield.server.editing.web;

import static lowfield.db.Tables.EDIT_KEY;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was answered to a person's edits by the keys they sent, kept for seven days. */
@Component
class EditKeys {
    private static final Duration KEPT = Duration.ofDays(7);

    private final DSLContext db;
    private final Clock clock;

    EditKeys(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** An answer as it was sent; {@code request} is the fingerprint of what was asked. */
    record Answered(String request, int status, @Nullable String contentType, byte[] body) {}

    /** Holds the key until the transaction ends, so that the same edit is not done by two requests at once. */
    Optional<Answered> heldAndRead(UUID person, String key) {
        db.query("select pg_advisory_xact_lock(hashtextextended(?, 0))", person + " " + key)
                .execute();
        return db.selectFrom(EDIT_KEY)
                .where(EDIT_KEY.ACCOUNT_ID.eq(person), EDIT_KEY.KEY.eq(key))
                .fetchOptional(r -> new Answered(r.getRequest(), r.getStatus(), r.getContentType(), r.getBody()));
    }

    void keep(UUID person, String key, Answered answered) {
        var now = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        db.deleteFrom(EDIT_KEY)
                .where(EDIT_KEY.ACCOUNT_ID.eq(person), EDIT_KEY.AT.lt(now.minus(KEPT)))
                .execute();
        db.insertInto(EDIT_KEY)
                .set(EDIT_KEY.ACCOUNT_ID, person)
                .set(EDIT_KEY.KEY, key)
                .set(EDIT_KEY.REQUEST, answered.request())
                .set(EDIT_KEY.STATUS, answered.status())
                .set(EDIT_KEY.CONTENT_TYPE, answered.contentType())
                .set(EDIT_KEY.BODY, answered.body())
                .set(EDIT_KEY.AT, now)
                .execute();
    }
}
