package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.ROUND_PAGE;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.PriceRoundRecord;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** Price rounds: started, followed, cancelled. A round first observes every page, then judges each price. */
@Service
public class Rounds {
    private static final Logger LOG = LoggerFactory.getLogger(Rounds.class);

    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final RoundWorker worker;
    private final Acceptances acceptances;
    private final Clock clock;

    Rounds(DSLContext db, TransactionTemplate transaction, RoundWorker worker, Acceptances acceptances, Clock clock) {
        this.db = db;
        this.transaction = transaction;
        this.worker = worker;
        this.acceptances = acceptances;
        this.clock = clock;
    }

    /** What went wrong at one page, or an offer there that could not count. */
    public record Failure(String shop, UUID variant, String sentence) {}

    /** A round at one moment. */
    public record Progress(
            UUID id,
            String state,
            Instant startedAt,
            @Nullable Instant endedAt,
            int pages,
            int read,
            int failed,
            int accepted,
            int setAside,
            List<Failure> failures) {}

    /** Starts a round over every page at the guide's shops; a second one at once is refused. */
    public UUID start(UUID guide, @Nullable Person person) {
        var id = prepare(guide, person);
        worker.run(id, () -> endPatiently(id));
        return id;
    }

    /** The same, returning when it has ended. */
    public void runNow(UUID guide) {
        var id = prepare(guide, null);
        worker.observe(id);
        end(id, "DONE");
    }

    private UUID prepare(UUID guide, @Nullable Person person) {
        return transaction.execute(status -> {
            var inserted = db.insertInto(PRICE_ROUND)
                    .set(PRICE_ROUND.GUIDE_ID, guide)
                    .set(PRICE_ROUND.ACCOUNT_ID, person == null ? null : person.id())
                    .set(PRICE_ROUND.STATE, "RUNNING")
                    .set(PRICE_ROUND.STARTED_AT, now())
                    .onConflictDoNothing()
                    .returning(PRICE_ROUND.ID)
                    .fetchOptional();
            var id = inserted.orElseThrow(() -> new Conflict("A round is running already; wait for it, or cancel it."))
                    .getId();
            db.insertInto(ROUND_PAGE, ROUND_PAGE.ROUND_ID, ROUND_PAGE.PAGE_ID, ROUND_PAGE.STATE)
                    .select(DSL.select(DSL.val(id), PRODUCT_PAGE.ID, DSL.val("WAITING"))
                            .from(PRODUCT_PAGE)
                            .join(GUIDE_SHOP)
                            .on(GUIDE_SHOP.SHOP_ID.eq(PRODUCT_PAGE.SHOP_ID))
                            .where(GUIDE_SHOP.GUIDE_ID.eq(guide)))
                    .execute();
            return id;
        });
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** Judges and closes; while the database is away it is tried again, so that no round stays open. */
    private void endPatiently(UUID round) {
        for (int attempt = 0; attempt < 60; attempt++) {
            try {
                end(round, "DONE");
                return;
            } catch (DataAccessException | TransactionException away) {
                LOG.warn("Round {} is ended later: {}", round, away.getMessage());
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(1000);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private void end(UUID round, String state) {
        acceptances.judge(round);
        db.update(PRICE_ROUND)
                .set(
                        PRICE_ROUND.STATE,
                        DSL.when(PRICE_ROUND.STATE.eq("RUNNING"), state).otherwise(PRICE_ROUND.STATE))
                .set(PRICE_ROUND.ENDED_AT, now())
                .where(PRICE_ROUND.ID.eq(round))
                .execute();
    }

    /** Stops after the pages that are being fetched; what was seen is kept and judged. */
    public void cancel(UUID round) {
        db.update(PRICE_ROUND)
                .set(PRICE_ROUND.STATE, "CANCELLED")
                .where(PRICE_ROUND.ID.eq(round), PRICE_ROUND.STATE.eq("RUNNING"))
                .execute();
    }

    /** Rounds that a stopped server left behind are closed; what they had seen is judged. */
    @EventListener(ApplicationReadyEvent.class)
    void closeBroken() {
        db.select(PRICE_ROUND.ID)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.ENDED_AT.isNull())
                .fetch(PRICE_ROUND.ID)
                .forEach(id -> end(id, "BROKEN"));
    }

    public Optional<Progress> latest(UUID guide) {
        return db.select(PRICE_ROUND.ID)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.GUIDE_ID.eq(guide))
                .orderBy(PRICE_ROUND.STARTED_AT.desc())
                .limit(1)
                .fetchOptional(PRICE_ROUND.ID)
                .map(this::progress);
    }

    public Progress progress(UUID id) {
        var round = db.selectFrom(PRICE_ROUND)
                .where(PRICE_ROUND.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such round."));
        var pages = db.select(ROUND_PAGE.STATE, DSL.count())
                .from(ROUND_PAGE)
                .where(ROUND_PAGE.ROUND_ID.eq(id))
                .groupBy(ROUND_PAGE.STATE)
                .fetchMap(ROUND_PAGE.STATE, DSL.count());
        var verdicts = db.select(ACCEPTANCE.VERDICT, DSL.count())
                .from(ACCEPTANCE)
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .where(OBSERVATION.ROUND_ID.eq(id), OBSERVATION.SEEN_AT.ge(round.getStartedAt()))
                .groupBy(ACCEPTANCE.VERDICT)
                .fetchMap(ACCEPTANCE.VERDICT, DSL.count());
        return progress(round, pages, verdicts);
    }

    private Progress progress(
            PriceRoundRecord round, java.util.Map<String, Integer> pages, java.util.Map<String, Integer> verdicts) {
        var failures = db.select(SHOP.NAME, PRODUCT_PAGE.VARIANT_ID, ROUND_PAGE.SENTENCE)
                .from(ROUND_PAGE)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(ROUND_PAGE.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(ROUND_PAGE.ROUND_ID.eq(round.getId()), ROUND_PAGE.SENTENCE.ne(""))
                .orderBy(SHOP.NAME, PRODUCT_PAGE.PATH)
                .limit(300)
                .fetch(r -> new Failure(r.value1(), r.value2(), r.value3()));
        var ended = round.getEndedAt();
        return new Progress(
                round.getId(),
                ended == null && !round.getState().equals("CANCELLED") ? "RUNNING" : round.getState(),
                round.getStartedAt().toInstant(),
                ended == null ? null : ended.toInstant(),
                pages.values().stream().mapToInt(i -> i).sum(),
                pages.getOrDefault("READ", 0),
                pages.getOrDefault("FAILED", 0),
                verdicts.getOrDefault("ACCEPTED", 0),
                verdicts.getOrDefault("SET_ASIDE", 0),
                failures);
    }
}
