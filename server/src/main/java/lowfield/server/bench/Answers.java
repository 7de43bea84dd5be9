package lowfield.server.bench;

import static lowfield.db.Tables.FINDING_ANSWER;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.check.Verdict;
import lowfield.server.accounts.Person;
import lowfield.server.guide.Editions;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the author answers to cautions. An answer is bound to the finding's fingerprint: it lapses with any figure that the
 * finding stands on, and needs no version besides.
 */
@Service
public class Answers {
    private final DSLContext db;
    private final Workbench workbench;
    private final Editions editions;
    private final Clock clock;

    Answers(DSLContext db, Workbench workbench, Editions editions, Clock clock) {
        this.db = db;
        this.workbench = workbench;
        this.editions = editions;
        this.clock = clock;
    }

    /** Answers a caution that stands now. */
    @Transactional
    public void answer(UUID edition, UUID build, String fingerprint, String answer, Person by) {
        editions.forReshaping(edition);
        var words = answer.strip();
        RuleBroken.unless(words.length() >= 3 && words.length() <= 500, "An answer takes 3 to 500 letters.");
        var finding = workbench
                .sheets(edition)
                .build(build)
                .orElseThrow(() -> new NotFound("There is no such build in this edition."))
                .findings()
                .stream()
                .filter(f -> f.verdict() != Verdict.FITS && f.fingerprint().equals(fingerprint))
                .findFirst()
                .orElseThrow(() -> new NotFound("The checks do not say this any more; there is nothing to answer."));
        RuleBroken.unless(
                finding.verdict() == Verdict.CAUTION || !finding.check().decisive(),
                "A clash is mended, and a missing figure filled in; only cautions are answered.");
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        db.insertInto(FINDING_ANSWER)
                .set(FINDING_ANSWER.EDITION_ID, edition)
                .set(FINDING_ANSWER.BUILD_ID, build)
                .set(FINDING_ANSWER.FINGERPRINT, fingerprint)
                .set(FINDING_ANSWER.CHECK_ID, finding.check().id())
                .set(FINDING_ANSWER.ANSWER, words)
                .set(FINDING_ANSWER.ACCOUNT_ID, by.id())
                .set(FINDING_ANSWER.AT, at)
                .onConflict(FINDING_ANSWER.EDITION_ID, FINDING_ANSWER.BUILD_ID, FINDING_ANSWER.FINGERPRINT)
                .doUpdate()
                .set(FINDING_ANSWER.ANSWER, words)
                .set(FINDING_ANSWER.ACCOUNT_ID, by.id())
                .set(FINDING_ANSWER.AT, at)
                .execute();
    }

    /** Takes an answer back. */
    @Transactional
    public void withdraw(UUID edition, UUID build, String fingerprint) {
        editions.forReshaping(edition);
        db.deleteFrom(FINDING_ANSWER)
                .where(
                        FINDING_ANSWER.EDITION_ID.eq(edition),
                        FINDING_ANSWER.BUILD_ID.eq(build),
                        FINDING_ANSWER.FINGERPRINT.eq(fingerprint))
                .execute();
    }
}
