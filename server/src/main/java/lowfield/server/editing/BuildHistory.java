package lowfield.server.editing;

import static lowfield.db.Tables.ACCOUNT;
import static lowfield.db.Tables.COMMAND;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What was done to a build, step by step. */
@Component
public class BuildHistory {
    private final DSLContext db;

    BuildHistory(DSLContext db) {
        this.db = db;
    }

    /** One step of a build's history, newest first; a step that was undone says so. */
    public record Step(long id, OffsetDateTime at, String by, String label, String form, boolean undone) {}

    public List<Step> of(UUID edition, UUID build) {
        return db.select(COMMAND.ID, COMMAND.AT, ACCOUNT.NAME, COMMAND.LABEL, COMMAND.FORM, COMMAND.UNDONE_BY)
                .from(COMMAND)
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(COMMAND.ACCOUNT_ID))
                .where(COMMAND.EDITION_ID.eq(edition), COMMAND.BUILD_ID.eq(build))
                .orderBy(COMMAND.ID.desc())
                .limit(200)
                .fetch(r -> new Step(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6() != null));
    }
}
