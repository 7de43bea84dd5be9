package lowfield.server.press;

import static lowfield.db.Tables.PUBLISH_EXCEPTION;
import static lowfield.db.Tables.WAIVER;

import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.attention.Item;
import lowfield.core.attention.PublishCheck;
import lowfield.server.accounts.Person;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Exceptions as they are stored: one a problem, and those of before, which were one a check. */
@Component
class PublishExceptions {
    private final DSLContext db;

    PublishExceptions(DSLContext db) {
        this.db = db;
    }

    /**
     * Why a problem is let through.
     *
     * @param problem its {@link Item#fingerprint}
     * @param subject its {@link Item#key}, which the next problem with the same thing shares
     * @param shown whether readers see the reason
     */
    record Given(String problem, PublishCheck check, String subject, String reason, boolean shown) {}

    /** Of an edition, by problem. */
    Map<String, Given> of(UUID edition) {
        return db
                .selectFrom(PUBLISH_EXCEPTION)
                .where(PUBLISH_EXCEPTION.EDITION_ID.eq(edition))
                .orderBy(PUBLISH_EXCEPTION.AT.desc())
                .fetch(r -> new Given(
                        r.getProblem(),
                        PublishCheck.valueOf(r.getPublishCheck()),
                        r.getSubject(),
                        r.getReason(),
                        r.getShown()))
                .stream()
                .collect(Collectors.toMap(Given::problem, g -> g, (one, other) -> one, LinkedHashMap::new));
    }

    /** The reasons of before, by check. */
    Map<PublishCheck, List<String>> ofWholeChecks(UUID edition) {
        return db.selectFrom(WAIVER)
                .where(WAIVER.EDITION_ID.eq(edition))
                .fetchGroups(w -> PublishCheck.valueOf(w.getGate()), w -> w.getReason());
    }

    void give(UUID edition, Item problem, String reason, boolean shown, Person by, OffsetDateTime at) {
        db.insertInto(PUBLISH_EXCEPTION)
                .set(PUBLISH_EXCEPTION.EDITION_ID, edition)
                .set(PUBLISH_EXCEPTION.PROBLEM, problem.fingerprint())
                .set(
                        PUBLISH_EXCEPTION.PUBLISH_CHECK,
                        problem.matter().check().orElseThrow().name())
                .set(PUBLISH_EXCEPTION.SUBJECT, problem.key())
                .set(PUBLISH_EXCEPTION.REASON, reason)
                .set(PUBLISH_EXCEPTION.SHOWN, shown)
                .set(PUBLISH_EXCEPTION.ACCOUNT_ID, by.id())
                .set(PUBLISH_EXCEPTION.AT, at)
                .onConflict(PUBLISH_EXCEPTION.EDITION_ID, PUBLISH_EXCEPTION.PROBLEM)
                .doUpdate()
                .set(PUBLISH_EXCEPTION.REASON, reason)
                .set(PUBLISH_EXCEPTION.SHOWN, shown)
                .set(PUBLISH_EXCEPTION.ACCOUNT_ID, by.id())
                .set(PUBLISH_EXCEPTION.AT, at)
                .execute();
    }

    boolean takeBack(UUID edition, String problem) {
        return db.deleteFrom(PUBLISH_EXCEPTION)
                        .where(PUBLISH_EXCEPTION.EDITION_ID.eq(edition), PUBLISH_EXCEPTION.PROBLEM.eq(problem))
                        .execute()
                > 0;
    }
}
