package lowfield.server.edition;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.FINDING_ANSWER;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.FindingAnswerRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Answers to findings as rows. */
@Component
public class AnswerRows {
    private final DSLContext db;

    AnswerRows(DSLContext db) {
        this.db = db;
    }

    public Optional<AnswerState> read(UUID edition, UUID id) {
        return row(edition, id).map(AnswerRows::state);
    }

    /** All answers of a build, in a fixed order. */
    public List<AnswerState> of(UUID edition, UUID build) {
        return db.selectFrom(FINDING_ANSWER)
                .where(FINDING_ANSWER.EDITION_ID.eq(edition), FINDING_ANSWER.BUILD_ID.eq(build))
                .orderBy(FINDING_ANSWER.FINGERPRINT)
                .fetch(AnswerRows::state);
    }

    /** Answers of an edition to one finding, in whichever build they were given. */
    public List<AnswerState> to(UUID edition, String fingerprint) {
        return db.selectFrom(FINDING_ANSWER)
                .where(
                        FINDING_ANSWER.EDITION_ID.eq(edition),
                        FINDING_ANSWER.FINGERPRINT.eq(fingerprint),
                        FINDING_ANSWER.WITHDRAWN.isFalse())
                .fetch(AnswerRows::state);
    }

    /** Whether the latest earlier edition of the guide that says anything of the finding answers it. */
    public boolean isAnsweredEarlier(UUID edition, String fingerprint) {
        var own = EDITION.as("own");
        return db.select(FINDING_ANSWER.WITHDRAWN)
                .from(FINDING_ANSWER)
                .join(EDITION)
                .on(EDITION.ID.eq(FINDING_ANSWER.EDITION_ID))
                .join(own)
                .on(own.GUIDE_ID.eq(EDITION.GUIDE_ID))
                .where(own.ID.eq(edition), EDITION.NUMBER.lt(own.NUMBER), FINDING_ANSWER.FINGERPRINT.eq(fingerprint))
                .orderBy(EDITION.NUMBER.desc(), FINDING_ANSWER.AT.desc())
                .limit(1)
                .fetchOptional(FINDING_ANSWER.WITHDRAWN)
                .filter(withdrawn -> !withdrawn)
                .isPresent();
    }

    private static AnswerState state(FindingAnswerRecord r) {
        return new AnswerState(
                r.getBuildId(),
                r.getFingerprint(),
                r.getCheckId(),
                r.getAnswer(),
                r.getAccountId(),
                r.getAt(),
                r.getWithdrawn() ? true : null);
    }

    private Optional<FindingAnswerRecord> row(UUID edition, UUID id) {
        return db.selectFrom(FINDING_ANSWER).where(FINDING_ANSWER.EDITION_ID.eq(edition)).fetch().stream()
                .filter(r -> AnswerState.id(r.getBuildId(), r.getFingerprint()).equals(id))
                .findFirst();
    }

    /** Writes an answer, or takes it out. */
    public void write(UUID edition, UUID id, Optional<AnswerState> state) {
        row(edition, id).ifPresent(FindingAnswerRecord::delete);
        state.ifPresent(answer -> {
            var row = db.newRecord(FINDING_ANSWER);
            row.setEditionId(edition);
            row.setBuildId(answer.build());
            row.setFingerprint(answer.fingerprint());
            row.setCheckId(answer.check());
            row.setAnswer(answer.answer());
            row.setAccountId(answer.by());
            row.setAt(answer.at());
            row.setWithdrawn(Boolean.TRUE.equals(answer.withdrawn()));
            row.insert();
        });
    }
}
