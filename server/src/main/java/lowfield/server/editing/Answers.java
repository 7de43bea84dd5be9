package lowfield.server.editing;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.check.Finding;
import lowfield.core.check.GivenAnswers;
import lowfield.core.check.Verdict;
import lowfield.server.accounts.Person;
import lowfield.server.edition.AnswerRows;
import lowfield.server.edition.AnswerState;
import lowfield.server.edition.EditionLoader;
import lowfield.server.guide.Editions;
import lowfield.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the author answers to cautions, each a command of the journal. An answer is bound to the finding's fingerprint: it
 * counts for every build and later edition of the guide, lapses with any figure that the finding stands on, and needs no
 * version besides.
 */
@Service
public class Answers {
    private final AnswerRows rows;
    private final Journal journal;
    private final EditionLoader loader;
    private final Editions editions;
    private final Clock clock;

    Answers(AnswerRows rows, Journal journal, EditionLoader loader, Editions editions, Clock clock) {
        this.rows = rows;
        this.journal = journal;
        this.loader = loader;
        this.editions = editions;
        this.clock = clock;
    }

    /** Answers a caution that stands now. */
    @Transactional
    public void answer(UUID edition, UUID build, String fingerprint, String answer, Person by) {
        editions.forReshaping(edition);
        var words = answer.strip();
        RuleBroken.unless(words.length() >= 3 && words.length() <= 500, "An answer takes 3 to 500 letters.");
        var finding = finding(edition, build, fingerprint);
        RuleBroken.unless(
                GivenAnswers.isAnswerable(finding),
                "A clash is mended, and a missing figure filled in; only cautions are answered.");
        // No finer than the database keeps it, so that what is read back is what was written.
        var at = OffsetDateTime.ofInstant(clock.instant().truncatedTo(ChronoUnit.MILLIS), ZoneOffset.UTC);
        put(
                edition,
                build,
                fingerprint,
                Optional.of(new AnswerState(build, fingerprint, finding.check().id(), words, by.id(), at, null)),
                by);
    }

    /**
     * Answers a caution that stands now, and in every build of the edition what the same check says in the same way and nobody
     * has answered; how many answers that made.
     */
    @Transactional
    public int answerAll(UUID edition, UUID build, String fingerprint, String answer, Person by) {
        var like = finding(edition, build, fingerprint);
        var open = new LinkedHashMap<String, UUID>();
        loader.load(edition)
                .evaluated()
                .builds()
                .forEach(b -> b.findings().stream()
                        .filter(f -> f.check() == like.check() && f.outcome() == like.outcome())
                        .filter(f -> GivenAnswers.isAnswerable(f) && b.answer(f).isEmpty())
                        .forEach(f -> open.putIfAbsent(f.fingerprint(), b.id())));
        open.put(fingerprint, build);
        open.forEach((each, at) -> answer(edition, at, each, answer, by));
        return open.size();
    }

    private Finding finding(UUID edition, UUID build, String fingerprint) {
        return loader.load(edition).build(build).findings().stream()
                .filter(f -> f.verdict() != Verdict.FITS
                        && (f.fingerprint().equals(fingerprint)
                                || f.formerFingerprint().equals(fingerprint)))
                .findFirst()
                .orElseThrow(() -> new NotFound("The checks do not say this any more; there is nothing to answer."));
    }

    /** Takes an answer back, in whichever build or edition it was given; what was published keeps it. */
    @Transactional
    public void withdraw(UUID edition, UUID build, String fingerprint, Person by) {
        editions.forReshaping(edition);
        withdrawKept(edition, build, keptAs(edition, build, fingerprint), by);
    }

    /** The fingerprint that the answer was given for: that of now, or the finding's former one. */
    private String keptAs(UUID edition, UUID build, String fingerprint) {
        return rows.to(edition, fingerprint).isEmpty() && !rows.isAnsweredEarlier(edition, fingerprint)
                ? finding(edition, build, fingerprint).formerFingerprint()
                : fingerprint;
    }

    private void withdrawKept(UUID edition, UUID build, String fingerprint, Person by) {
        var own = rows.to(edition, fingerprint);
        own.forEach(answer -> put(edition, answer.build(), fingerprint, Optional.empty(), by));
        if (rows.isAnsweredEarlier(edition, fingerprint)) {
            var finding = finding(edition, build, fingerprint);
            var at = OffsetDateTime.ofInstant(clock.instant().truncatedTo(ChronoUnit.MILLIS), ZoneOffset.UTC);
            var back = new AnswerState(build, fingerprint, finding.check().id(), "taken back", by.id(), at, true);
            put(edition, build, fingerprint, Optional.of(back), by);
        } else if (own.isEmpty()) {
            throw new NotFound("There is no such answer to take back.");
        }
    }

    private void put(UUID edition, UUID build, String fingerprint, Optional<AnswerState> after, Person by) {
        var id = AnswerState.id(build, fingerprint);
        var before = rows.read(edition, id);
        rows.write(edition, id, after);
        var isGiven = after.filter(a -> a.withdrawn() == null).isPresent();
        var label = isGiven ? "a caution answered" : "an answer taken back";
        journal.record(
                new Journal.Entry(edition, build, Target.ANSWER, id, label, before.orElse(null), after.orElse(null)),
                by,
                false);
    }
}
