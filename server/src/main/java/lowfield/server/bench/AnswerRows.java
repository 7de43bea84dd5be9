package lowfield.server.bench;

import static lowfield.db.Tables.FINDING_ANSWER;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.FindingAnswerRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Answers to findings as rows. */
@Component
class AnswerRows {
    private final DSLContext db;

    AnswerRows(DSLContext db) {
        this.db = db;
    }

    Optional<AnswerState> read(UUID edition, UUID id) {
        return row(edition, id).map(AnswerRows::state);
    }

    /** All answers of a build, in a fixed order. */
    List<AnswerState> of(UUID edition, UUID build) {
        return db.selectFrom(FINDING_ANSWER)
                .where(FINDING_ANSWER.EDITION_ID.eq(edition), FINDING_ANSWER.BUILD_ID.eq(build))
                .orderBy(FINDING_ANSWER.FINGERPRINT)
                .fetch(AnswerRows::state);
    }

    private static AnswerState state(FindingAnswerRecord r) {
        return new AnswerState(
                r.getBuildId(), r.getFingerprint(), r.getCheckId(), r.getAnswer(), r.getAccountId(), r.getAt());
    }

    private Optional<FindingAnswerRecord> row(UUID edition, UUID id) {
        return db.selectFrom(FINDING_ANSWER).where(FINDING_ANSWER.EDITION_ID.eq(edition)).fetch().stream()
                .filter(r -> AnswerState.id(r.getBuildId(), r.getFingerprint()).equals(id))
                .findFirst();
    }

    /** Writes an answer, or takes it out. */
    void write(UUID edition, UUID id, Optional<AnswerState> state) {
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
            row.insert();
        });
    }
}
